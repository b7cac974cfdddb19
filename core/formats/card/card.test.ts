import { describe, expect, it } from 'vitest'
import { CARD_MM, cardPages, layoutCard, wrapped } from './card'
import type { LadderCard } from './card'
import { layoutSheet } from './sheet'
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

  it('names as long as they may be stay on the paper, and nothing stands on anything else', () => {
    const long = 'W'.repeat(20) + ' ' + 'quinacridone magenta '.repeat(5).slice(0, 99)
    const named: LadderCard = {
      ...card,
      title: long,
      lines: [long, '54 mm'],
      steps: card.steps.map((step) => ({ ...step, mix: [`3 ${long}`, `2 ${'n'.repeat(118)}`] })),
    }
    const row = { name: long, note: '54 mm', puddles: [`Base: ${long}, ${long}`], steps: [] }
    const sheet = layoutSheet({
      title: long,
      bottles: Array<string>(8).fill(long),
      rows: Array<typeof row>(9).fill(row),
      grey: false,
    })
    for (const items of [layoutCard(named), sheet]) {
      const texts = items.filter((item) => item.kind === 'text')
      // Letters of a usual width; a line is as high as its size.
      const boxes = texts.map(({ x, y, size, text, bold }) => {
        const mm = (size * 25.4) / 72
        return { x, right: x + text.length * mm * (bold ? 0.56 : 0.5), y, top: y - 0.72 * mm, text }
      })
      for (const one of boxes) expect(one.right, one.text).toBeLessThanOrEqual(CARD_MM.width - 5)
      for (const [i, one] of boxes.entries())
        for (const other of boxes.slice(i + 1)) {
          const apart =
            one.right <= other.x + 1e-9 ||
            other.right <= one.x + 1e-9 ||
            one.y <= other.top ||
            other.y <= one.top
          expect(apart, `${one.text} | ${other.text}`).toBe(true)
        }
      // Every letter is there.
      const words = texts.map(({ text }) => text).join('')
      expect(words.replaceAll(' ', '')).toContain(long.replaceAll(' ', ''))
    }
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
