import { describe, expect, it } from 'vitest'
import { CARD_MM, cardPages, layoutCard, wrapped } from './card'
import type { LadderCard } from './card'
import { formatCardSvg } from './svg'

const card: LadderCard = {
  title: 'Isaura <& friends>',
  lines: ['tan', '54 mm'],
  steps: Array.from({ length: 9 }, (_, i) => ({
    name: `Step ${i}`,
    share: 1 / 9,
    lab: { L: 10 + 9 * i, a: 14, b: 15 },
    mix: ['11 titanium white', '3 chromium oxide green', '2 quinacridone magenta'],
    off: 0.4,
  })),
  thinning: 'Thin 1 : 1',
  path: Array.from({ length: 12 }, (_, i) => `+ ${i} white = Step ${i}`),
  coats: ['undercoat burnt umber', 'base coat the base all over, 1 : 1 water'],
  accents: ['lips: 1 red, 8 : 1 × 2'],
  notes: 'keep it dry',
  grey: false,
}

describe('the recipe card', () => {
  it('stands wholly on its paper, swatches edge to edge', () => {
    const items = layoutCard(card)
    const boxes = items.filter((item) => item.kind === 'box')
    expect(boxes).toHaveLength(9)
    boxes.slice(1).forEach((box, i) => expect(box.x).toBeCloseTo(boxes[i]!.x + boxes[i]!.width, 9))
    for (const item of items) {
      expect(item.x).toBeGreaterThanOrEqual(0)
      expect(item.y).toBeGreaterThanOrEqual(0)
      expect(item.x + (item.kind === 'box' ? item.width : 0)).toBeLessThanOrEqual(CARD_MM.width)
      expect(item.y + (item.kind === 'box' ? item.height : 0)).toBeLessThanOrEqual(CARD_MM.height)
    }
    expect(items.some((item) => item.kind === 'text' && item.text.includes('keep it dry'))).toBe(
      true,
    )
  })

  it('goes on below when much is laid over: nothing is left out, each page keeps its margins', () => {
    const coats = Array.from({ length: 30 }, (_, i) => `glaze number ${i} of a long-named violet`)
    const items = layoutCard({ ...card, coats })
    expect(cardPages(items)).toBe(2)
    const words = items.flatMap((item) => (item.kind === 'text' ? [item.text] : [])).join(' ')
    coats.forEach((coat, i) => expect(words).toContain(`${i + 1} ${coat}`))
    expect(words).toContain('lips: 1 red, 8 : 1 × 2')
    expect(words).toContain('keep it dry')
    for (const { y } of items) expect(y % CARD_MM.height).toBeGreaterThan(8)
    expect(formatCardSvg({ ...card, coats })).toContain(`height="${2 * CARD_MM.height}mm"`)
  })

  it('in grey every swatch is neutral and as light as before', () => {
    const fills = (grey: boolean): string[] =>
      layoutCard({ ...card, grey }).flatMap((item) => (item.kind === 'box' ? [item.fill] : []))
    for (const fill of fills(true)) {
      const [r, g, b] = [1, 3, 5].map((at) => parseInt(fill.slice(at, at + 2), 16))
      expect(Math.max(r!, g!, b!) - Math.min(r!, g!, b!)).toBeLessThanOrEqual(1)
    }
    expect(new Set(fills(false)).size).toBe(9)
  })

  it('as SVG escapes what would end a tag, and long lines are cut at words', () => {
    const svg = formatCardSvg(card)
    expect(svg).toContain('Isaura &lt;&amp; friends&gt;')
    expect(svg).not.toContain('<& friends')
    expect(wrapped('one two three four five six', 20, 10).join(' ')).toBe(
      'one two three four five six',
    )
    expect(wrapped('one two three four five six', 20, 10).length).toBeGreaterThan(2)
    expect(wrapped('', 20, 10)).toEqual([])
  })
})
