import { CARD_MM, cardPages, layoutCard } from './card'
import { darkRuns } from './darkRuns'
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

function drawn(item: CardItem): string {
  if (item.kind === 'box')
    return `<rect x="${item.x.toFixed(2)}" y="${item.y}" width="${item.width.toFixed(2)}" height="${item.height}" fill="${item.fill}"/>`
  if (item.kind === 'code') {
    const side = item.size / item.dark.length
    const runs = darkRuns(item.dark).map(
      ({ row, from, long }) => `M${from} ${row}h${long}v1h-${long}z`,
    )
    return `<path transform="translate(${item.x} ${item.y}) scale(${side})" d="${runs.join('')}" shape-rendering="crispEdges"/>`
  }
  return `<text x="${item.x.toFixed(2)}" y="${item.y.toFixed(2)}" font-size="${(item.size * MM_PER_POINT).toFixed(2)}"${item.bold ? ' font-weight="700"' : ''}>${escaped(item.text)}</text>`
}

/**
 * Pages as an SVG 1.1 picture of their real size, one below the other.
 * @example formatPagesSvg('A card', layoutCard(card)).startsWith('<svg') // true
 */
export function formatPagesSvg(title: string, laid: readonly CardItem[]): string {
  const { width } = CARD_MM
  const height = CARD_MM.height * cardPages(laid)
  const items = laid.map(drawn)
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
