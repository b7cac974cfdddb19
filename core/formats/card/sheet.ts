import type { Lab } from '../../colour/lab'
import { CARD_MM, fitted, swatch, wrapped } from './card'
import type { CardItem } from './card'

/** All ladders of a range as they are printed together. */
export interface RangeSheet {
  title: string
  /** What they are mixed from, by name. */
  bottles: readonly string[]
  rows: readonly {
    name: string
    note: string
    /** How each puddle is mixed, one line each. */
    puddles: readonly string[]
    steps: readonly { lab: Lab; coated?: Lab; share: number; label: string }[]
  }[]
  /** Swatches in grey: values only. */
  grey: boolean
}

const EDGE = 10
const ROW = 19
const STRIP = { x: 46, width: CARD_MM.width - 46 - EDGE, height: 11 }
const TOP = 30
/** From one line of mixes to the next. */
const LINE = 2.6

/**
 * Where everything stands on the sheet, page below page, about six figures to a page.
 * @example layoutSheet({ title: 'Low Tide', bottles: ['white'], rows: [], grey: false }).length // 2
 */
export function layoutSheet({ title, bottles, rows, grey }: RangeSheet): CardItem[] {
  const items: CardItem[] = []
  const text = (x: number, y: number, size: number, words: string, bold = false): void => {
    items.push({ kind: 'text', x, y, size, text: words, ...(bold ? { bold } : {}) })
  }
  const width = CARD_MM.width - 2 * EDGE
  const head = fitted(title, width, { sizes: [18, 14, 11], lines: 1, bold: true })
  head.lines.forEach((line, i, all) =>
    text(EDGE, 16 - 4.6 * (all.length - 1 - i), head.size, line, true),
  )
  const table = fitted(bottles.join(', '), width, { sizes: [9, 7, 6], lines: 2 })
  table.lines.forEach((line, i) => text(EDGE, 22 + 4 * i, table.size, line))
  let page = 0
  let at = Math.max(TOP, 26 + 4 * table.lines.length)
  rows.forEach(({ name, note, puddles, steps }) => {
    const mixes = wrapped(puddles.join('; '), STRIP.width, 6)
    const named = fitted(name, STRIP.x - EDGE - 2, { sizes: [10, 8, 6], lines: 2, bold: true })
    const high = Math.max(ROW + LINE * (mixes.length - 1), 4 * named.lines.length + 8)
    if (at + high > CARD_MM.height - 4) {
      page++
      at = TOP
    }
    const y = page * CARD_MM.height + at
    at += high
    named.lines.forEach((line, i) => text(EDGE, y + 4 + 4 * i, named.size, line, true))
    text(EDGE, y + 4 + 4 * named.lines.length, 8, note)
    const all = steps.reduce((sum, { share }) => sum + share, 0)
    let x = STRIP.x
    for (const { lab, coated, share, label } of steps) {
      const width = (STRIP.width * share) / all
      items.push(...swatch({ x, y, width, height: STRIP.height }, { lab, coated }, grey))
      if (width > 7) text(x + 0.5, y + STRIP.height + 2.8, 6, label)
      x += width
    }
    mixes.forEach((line, i) => text(STRIP.x, y + STRIP.height + 5.6 + LINE * i, 6, line))
  })
  return items
}
