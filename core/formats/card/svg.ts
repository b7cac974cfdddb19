import { CARD_MM, cardPages, layoutCard } from './card'
import type { LadderCard } from './card'

const ESCAPES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
}
const escaped = (text: string): string => text.replace(/[&<>"]/g, (sign) => ESCAPES[sign]!)
const MM_PER_POINT = 25.4 / 72

/**
 * The card as an SVG 1.1 picture of its real size, its pages one below the other.
 * @example formatCardSvg(card).startsWith('<svg') // true
 */
export function formatCardSvg(card: LadderCard): string {
  const { width } = CARD_MM
  const laid = layoutCard(card)
  const height = CARD_MM.height * cardPages(laid)
  const items = laid.map((item) =>
    item.kind === 'box'
      ? `<rect x="${item.x.toFixed(2)}" y="${item.y}" width="${item.width.toFixed(2)}" height="${item.height}" fill="${item.fill}"/>`
      : `<text x="${item.x.toFixed(2)}" y="${item.y.toFixed(2)}" font-size="${(item.size * MM_PER_POINT).toFixed(2)}"${item.bold ? ' font-weight="700"' : ''}>${escaped(item.text)}</text>`,
  )
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}" font-family="Helvetica, Arial, sans-serif">`,
    `<title>${escaped(card.title)}</title>`,
    `<rect width="${width}" height="${height}" fill="#ffffff"/>`,
    ...items,
    '</svg>',
    '',
  ].join('\n')
}
