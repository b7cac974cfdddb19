import { hexOfLab } from '../../colour/display'
import type { Lab } from '../../colour/lab'

/** A ladder as it is printed: everything in words and colours, nothing left to look up. */
export interface LadderCard {
  title: string
  /** Complexion, scale, light. */
  lines: string[]
  steps: {
    name: string
    share: number
    lab: Lab
    /** What it comes to once coats are laid: the lower part of its swatch. */
    coated?: Lab
    /** One line a paint: drops and name. */
    mix: string[]
    off: number
  }[]
  thinning: string
  /** The puddles in the order of mixing, one line each: what is given of each part. */
  path: string[]
  /** Undercoat and coats in the order they are laid. */
  coats: string[]
  /** Glazes of life, one line each. */
  accents: string[]
  notes: string
  /** Swatches in grey: values only. */
  grey: boolean
  /** A picture code of an address at which the figure is handed on, row by row, true where it is dark. */
  code?: readonly (readonly boolean[])[]
}

interface CardText {
  kind: 'text'
  x: number
  y: number
  size: number
  bold?: boolean
  text: string
}
interface CardBox {
  kind: 'box'
  x: number
  y: number
  width: number
  height: number
  fill: string
}
interface CardCode {
  kind: 'code'
  x: number
  y: number
  /** Of its side. */
  size: number
  dark: readonly (readonly boolean[])[]
}
/** Things on the card, mm from the upper left; text stands on its line. */
export type CardItem = CardText | CardBox | CardCode

/** A page, A5 lying; what does not fit goes on another below it. */
export const CARD_MM = { width: 210, height: 148 } as const
const EDGE = 10
const POINT_MM = 25.4 / 72

/** Width of a usual letter against its height; bold ones are wider. */
const LETTER = { plain: 0.5, bold: 0.56 } as const

/** Cuts a line where it would grow too long, at its spaces; a word that is longer than a line within it. */
export function wrapped(text: string, widthMm: number, sizePt: number, bold = false): string[] {
  const letterMm = sizePt * POINT_MM * LETTER[bold ? 'bold' : 'plain']
  const most = Math.max(8, Math.floor(widthMm / letterMm))
  const lines: string[] = []
  let line = ''
  for (const long of text.split(/\s+/))
    for (const word of long.match(new RegExp(`.{1,${most}}`, 'gsu')) ?? []) {
      if (line && line.length + 1 + word.length > most) {
        lines.push(line)
        line = word
      } else line = line ? `${line} ${word}` : word
    }
  return line ? [...lines, line] : lines
}

/** As large as it may be in so many lines; the smallest size where it needs more. */
export function fitted(
  text: string,
  widthMm: number,
  { sizes, lines, bold = false }: { sizes: readonly number[]; lines: number; bold?: boolean },
): { size: number; lines: string[] } {
  const size =
    sizes.find((one) => wrapped(text, widthMm, one, bold).length <= lines) ?? sizes.at(-1)!
  return { size, lines: wrapped(text, widthMm, size, bold) }
}

/** From one line to the next, mm for a size in points. */
const LEADING = 0.42

const shown = (lab: Lab, grey: boolean): string =>
  hexOfLab(grey ? { L: lab.L, a: 0, b: 0 } : { L: lab.L, a: lab.a, b: lab.b })

/** Side of a picture code, mm: large enough that a telephone tells its signs apart. */
const CODE_MM = 116
const HANDED_ON =
  'Scanned, this opens the figure with its ladder, puddles and coats, mixed from your own bottles. All of it stands in the code: no server sees it.'

/** How much of a swatch shows what it comes to in its coats. */
const COATED = 0.35

/** A step's swatch: as it is mixed and, where coats are laid, below that as it comes out. */
export function swatch(
  { x, y, width, height }: Omit<CardBox, 'kind' | 'fill'>,
  { lab, coated }: { lab: Lab; coated?: Lab | undefined },
  grey: boolean,
): CardBox[] {
  const low = coated ? COATED * height : 0
  const box = (top: number, tall: number, fill: string): CardBox => ({
    ...{ kind: 'box' as const, x, width, fill },
    ...{ y: top, height: tall },
  })
  return [
    box(y, height - low, shown(lab, grey)),
    ...(coated ? [box(y + height - low, low, shown(coated, grey))] : []),
  ]
}

/**
 * Pages of a layout.
 * @example cardPages(layoutCard(card)) // 1
 */
export const cardPages = (items: readonly CardItem[]): number =>
  Math.max(1, ...items.map(({ y }) => Math.ceil(y / CARD_MM.height)))

/**
 * Where everything stands on the card, page below page: one layout for SVG, PNG and PDF.
 * @example layoutCard(card).length > 0 // true
 */
export function layoutCard(card: LadderCard): CardItem[] {
  const items: CardItem[] = []
  const text = (x: number, y: number, size: number, words: string, bold = false): void => {
    items.push({ kind: 'text', x, y, size, text: words, ...(bold ? { bold } : {}) })
  }
  const width = CARD_MM.width - 2 * EDGE
  const title = fitted(card.title, width, { sizes: [18, 14, 11], lines: 1, bold: true })
  const about = fitted(card.lines.join(' · '), width, { sizes: [9, 7], lines: 1 })
  const from = 22 - (about.lines.length - 1) * about.size * LEADING
  title.lines.forEach((line, i, all) =>
    text(EDGE, from - 6 - (all.length - 1 - i) * title.size * LEADING, title.size, line, true),
  )
  about.lines.forEach((line, i) => text(EDGE, from + i * about.size * LEADING, about.size, line))
  const columns = card.steps.length
  const step = width / columns
  let below = 0
  card.steps.forEach(({ lab, coated, name, share, mix, off }, i) => {
    const x = EDGE + i * step
    items.push(...swatch({ x, y: 26, width: step, height: 26 }, { lab, coated }, card.grey))
    const size = columns > 7 ? 7 : 8
    text(x + 1, 57, size + 1, name, true)
    text(x + 1, 61, size, `${Math.round(100 * share)}% · L ${Math.round(lab.L)}`)
    let y = 65.5
    for (const part of mix)
      for (const line of wrapped(part, step - 2, size)) {
        text(x + 1, y, size, line)
        y += 3.4
      }
    text(x + 1, y, size, `off by ${off.toFixed(1)}`)
    below = Math.max(below, y)
  })
  // Below the longest of the mixes.
  let y = Math.max(100, below + 6)
  const lines = (words: string, size: number): void => {
    for (const line of wrapped(words, width, size)) {
      const page = Math.floor(y / CARD_MM.height)
      if (y > (page + 1) * CARD_MM.height - 4) y = (page + 1) * CARD_MM.height + EDGE + 4
      text(EDGE, y, size, line)
      y += size * 0.45
    }
  }
  lines(card.thinning, 8.5)
  if (card.path.length > 0) lines(`Puddles: ${card.path.join('; ')}.`, 8)
  const list = (title: string, rows: readonly string[]): void => {
    if (rows.length === 0) return
    y += 1.5
    lines(`${title}: ${rows.join('; ')}.`, 8)
  }
  list(
    'Coats',
    card.coats.map((row, i) => `${i + 1} ${row}`),
  )
  list('Glazes of life', card.accents)
  if (card.notes) lines(`Notes: ${card.notes}`, 8)
  if (card.code) {
    const top = cardPages(items) * CARD_MM.height
    text(EDGE, top + 16, 11, card.title, true)
    wrapped(HANDED_ON, 70, 9).forEach((line, i) => text(EDGE, top + 24 + 4.5 * i, 9, line))
    const x = CARD_MM.width - EDGE - CODE_MM
    items.push({ kind: 'code', x, y: top + EDGE, size: CODE_MM, dark: card.code })
  }
  return items
}
