import { hexOfLab } from '../../colour/display'
import type { Lab } from '../../colour/lab'
import { CARD_MM, wrapped } from './card'
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
    steps: readonly { lab: Lab; share: number; label: string }[]
  }[]
  /** Swatches in grey: values only. */
  grey: boolean
}

const EDGE = 10
const ROW = 19
const STRIP = { x: 46, width: CARD_MM.width - 46 - EDGE, height: 11 }
const TOP = 30

/**
 * Where everything stands on the sheet, page below page, six figures to a page.
 * @example layoutSheet({ title: 'Low Tide', bottles: ['white'], rows: [], grey: false }).length // 2
 */
export function layoutSheet({ title, bottles, rows, grey }: RangeSheet): CardItem[] {
  const items: CardItem[] = []
  const text = (x: number, y: number, size: number, words: string, bold = false): void => {
    items.push({ kind: 'text', x, y, size, text: words, ...(bold ? { bold } : {}) })
  }
  text(EDGE, 16, 18, title, true)
  wrapped(bottles.join(', '), CARD_MM.width - 2 * EDGE, 9).forEach((line, i) =>
    text(EDGE, 22 + 4 * i, 9, line),
  )
  const onPage = Math.floor((CARD_MM.height - TOP - 4) / ROW)
  rows.forEach(({ name, note, puddles, steps }, n) => {
    const y = Math.floor(n / onPage) * CARD_MM.height + TOP + (n % onPage) * ROW
    const [first = '', second] = wrapped(name, STRIP.x - EDGE - 2, 10)
    text(EDGE, y + 4, 10, first, true)
    text(EDGE, y + 8, second ? 10 : 8, second ?? note, second !== undefined)
    const all = steps.reduce((sum, { share }) => sum + share, 0)
    let x = STRIP.x
    for (const { lab, share, label } of steps) {
      const width = (STRIP.width * share) / all
      const { L, a, b } = lab
      const fill = hexOfLab(grey ? { L, a: 0, b: 0 } : { L, a, b })
      items.push({ kind: 'box', x, y, width, height: STRIP.height, fill })
      if (width > 7) text(x + 0.5, y + STRIP.height + 2.8, 6, label)
      x += width
    }
    text(STRIP.x, y + STRIP.height + 5.6, 6, puddles.join('; '))
  })
  return items
}
