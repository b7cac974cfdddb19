import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { deltaE00, flatSpectrum, labOf } from '../../core'
import GapBars from './GapBars.vue'
import HuePath from './HuePath.vue'
import OffByTime from './OffByTime.vue'
import SpectraLines from './SpectraLines.vue'
import ValueStaircase from './ValueStaircase.vue'

const steps = [
  { name: 'Shade', aim: { L: 30, a: 12, b: 10 }, painted: { L: 32, a: 14, b: 11 } },
  { name: 'Base', aim: { L: 55, a: 16, b: 18 }, painted: undefined },
  { name: 'Light', aim: { L: 78, a: 12, b: 17 }, painted: { L: 77, a: 12, b: 16 } },
]
const [shade, base, light] = [steps[0]!.painted!, steps[1]!.aim, steps[2]!.painted!]
const gaps = [deltaE00(shade, base), deltaE00(base, light)]
const numbers = (text: string): number[] => (text.match(/-?\d+(\.\d+)?/g) ?? []).map(Number)

describe('gaps between neighbours', () => {
  it('are measured between what is painted, else aimed at, and stand to each other as their bars', () => {
    const chart = mount(GapBars, { props: { steps } })
    const rows = chart.findAll('li')
    expect(rows.map((row) => row.find('.name').text())).toEqual(['Shade to Base', 'Base to Light'])
    rows.forEach((row, i) => expect(row.find('.numbers').text()).toBe(gaps[i]!.toFixed(1)))
    const widths = rows.map((row) =>
      parseFloat((row.find('.bar').element as HTMLElement).style.width),
    )
    expect(widths[0]! / widths[1]!).toBeCloseTo(gaps[0]! / gaps[1]!, 4)
    const mean = (gaps[0]! + gaps[1]!) / 2
    const spread = (100 * Math.abs(gaps[0]! - gaps[1]!)) / mean
    const [said, off] = numbers(chart.find('figcaption').text().replace('ΔE00', ''))
    expect(said).toBeCloseTo(mean, 1)
    expect(off).toBe(Math.round(spread))
  })
})

describe('the way through hue and chroma', () => {
  it('puts red right and yellow up, joins the steps, and moves one by arrow keys', async () => {
    const chart = mount(HuePath, { props: { steps } })
    const marks = chart.findAll('circle.mark')
    const at = marks.map((mark) => [Number(mark.attributes('cx')), Number(mark.attributes('cy'))])
    expect(at[1]![0]).toBeGreaterThan(at[0]![0]!)
    expect(at[1]![1]).toBeLessThan(at[0]![1]!)
    expect(marks[1]!.attributes('aria-valuetext')).toBe('a 16, b 18')
    expect(marks[1]!.attributes('aria-valuenow')).toBe(String(Math.round(Math.hypot(16, 18))))
    // One line from every aim that is painted to where it lands.
    expect(chart.findAll('line.off')).toHaveLength(2)
    await marks[2]!.trigger('keydown', { key: 'ArrowRight' })
    await marks[2]!.trigger('keydown', { key: 'ArrowDown' })
    await marks[2]!.trigger('keydown', { key: 'Enter' })
    expect(chart.emitted('move')).toEqual([
      [2, 0.5, 0],
      [2, 0, -0.5],
    ])
  })
})

describe('the staircase of lightness', () => {
  const half = { L: 40, a: 14, b: 14 }
  const stairs = steps.map((step, i) => ({ ...step, halfAndHalf: i === 0 ? half : undefined }))

  it('says each lightness, rises with it, and is a picture where nothing can be moved', () => {
    const chart = mount(ValueStaircase, { props: { steps: stairs } })
    const svg = chart.find('svg')
    expect(svg.attributes('role')).toBe('img')
    expect(svg.attributes('aria-label')).toContain('Shade 32, Base 55, Light 77')
    const tops = chart.findAll('rect.mark').map((mark) => Number(mark.attributes('y')))
    expect(tops[0]).toBeGreaterThan(tops[1]!)
    expect(tops[1]).toBeGreaterThan(tops[2]!)
    expect(chart.find('[role=slider]').exists()).toBe(false)
    // Half-way is shown only between two that are painted; the base is not yet.
    expect(chart.findAll('circle.half')).toHaveLength(0)
  })

  it('shows where equal drops land against half-way for the eye', () => {
    const painted = stairs.map((step) => ({ ...step, painted: step.painted ?? step.aim }))
    const chart = mount(ValueStaircase, { props: { steps: painted } })
    const [dot] = chart.findAll('circle.half')
    const [bar] = chart.findAll('line.middle')
    // 40 is darker than (32 + 55) / 2, so the dot lies lower than the bar.
    expect(Number(dot!.attributes('cy'))).toBeGreaterThan(Number(bar!.attributes('y1')))
  })

  it('moves by keys where it may: half a step by arrows, three by page keys', async () => {
    const chart = mount(ValueStaircase, { props: { steps: stairs, movable: true } })
    const [first] = chart.findAll('[role=slider]')
    expect(first!.attributes('aria-label')).toBe('Lightness of Shade')
    expect(first!.attributes('aria-valuenow')).toBe('30')
    for (const key of ['ArrowUp', 'PageDown', 'a']) await first!.trigger('keydown', { key })
    expect(chart.emitted('move')).toEqual([
      [0, 0.5],
      [0, -3],
    ])
  })
})

describe('curves and time', () => {
  it('a flat curve is a level line, and a lighter one lies above it', () => {
    const curves = [0.2, 0.6].map((r) => ({ name: `${r}`, css: '#888', aim: flatSpectrum(r) }))
    const chart = mount(SpectraLines, { props: { curves } })
    const heights = chart
      .findAll('path.curve')
      .map((path) => numbers(path.attributes('d')!).filter((_, i) => i % 2 === 1))
    for (const line of heights) expect(new Set(line).size).toBe(1)
    expect(heights[1]![0]).toBeLessThan(heights[0]![0]!)
    expect(labOf(curves[1]!.aim).L).toBeGreaterThan(labOf(curves[0]!.aim).L)
  })

  it('points stand in the order of their days, and the mean is said', () => {
    const points = [1, 3, 2].map((off, i) => ({
      at: new Date(Date.UTC(2026, 10, 1 + i)),
      off,
      name: `mix ${i}`,
    }))
    const chart = mount(OffByTime, { props: { points } })
    expect(chart.find('svg').attributes('aria-label')).toContain('3 measured, 2.0 on average')
    const dots = chart
      .findAll('circle')
      .map((dot) => ['cx', 'cy'].map((a) => Number(dot.attributes(a))))
    expect(dots[0]![0]).toBeLessThan(dots[1]![0]!)
    expect(dots[1]![1]).toBeLessThan(dots[2]![1]!)
    expect(
      mount(OffByTime, { props: { points: [] } })
        .find('figure')
        .exists(),
    ).toBe(false)
  })
})
