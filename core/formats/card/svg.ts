import { CARD_MM, cardPages, layoutCard } from './card'
import type { CardItem, LadderCard } from './card'
import { xmlText } from '../xmlText'

const ESCAPES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
}
const escaped = (text: string): string => xmlText(text).replace(/[&<>"]/g, (sign) => ESCAPES[sign]!)
const MM_PER_POINT = 25.4 / 72

/**
 * Pages as an SVG 1.1 picture of their real size, one below the other.
 * @example formatPagesSvg('A card', layoutCard(card)).startsWith('<svg') // true
 */
export function formatPagesSvg(title: string, laid: readonly CardItem[]): string {
  const { width } = CARD_MM
  const height = CARD_MM.height * cardPages(laid)
  const items = laid.map((item) =>
    item.kind === 'box'
      ? `<rect x="${item.x.toFixed(2)}" y="${item.y}" width="${item.width.toFixed(2)}" height="${item.height}" fill="${item.fill}"/>`
      : `<text x="${item.x.toFixed(2)}" y="${item.y.toFixed(2)}" font-size="${(item.size * MM_PER_POINT).toFixed(2)}"${item.bold ? ' font-weight="700"' : ''}>${escaped(item.text)}</text>`,
  )
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}" font-family="Helvetica, Arial, sans-serif">`,
    `<title>${escaped(title)}</title>`,
    `<rect width="${width}" height="${height}" fill="#ffffff"/>`,
    ...items,
    '</svg>',
    '',
  ].join('\n')
}

/**
 * The card as an SVG 1.1 picture.
 * @example formatCardSvg(card).startsWith('<svg') // true
 */
export const formatCardSvg = (card: LadderCard): string =>
  formatPagesSvg(card.title, layoutCard(card))
