import { describe, expect, it } from 'vitest'
import { labOf } from '../colour/lab'
import { mixPaints } from '../paint/mix'
import { opaqueReflectance } from '../paint/opaque'
import { starterPaints } from '../paint/starter'
import { sharedPuddles } from './sharedPuddles'
import type { SharingRow } from './sharedPuddles'

const paint = (id: string) => starterPaints.find((one) => one.id === id)!
const [white, umber, red] = ['titanium-white', 'burnt-umber', 'red-iron-oxide'].map(paint)
const mix = (drops: readonly [number, number, number]) =>
  mixPaints([white!, umber!, red!].map((one, i) => ({ paint: one, drops: drops[i]! })))

/** A dark, a light, and a half-way step; each aims at what it is when `aims` is its own. */
function rowOf(
  dark: readonly [number, number, number],
  light: readonly [number, number, number],
  aims = { dark, light },
): SharingRow {
  const colour = (mixture: Parameters<typeof opaqueReflectance>[0]) =>
    labOf(opaqueReflectance(mixture))
  const half = mixPaints([
    { paint: mix(aims.dark), drops: 1 },
    { paint: mix(aims.light), drops: 1 },
  ])
  return {
    steps: [
      { target: colour(mix(aims.dark)), parts: [{ of: mix(dark), drops: 1 }] },
      {
        target: colour(half),
        parts: [
          { of: 0, drops: 1 },
          { of: 2, drops: 1 },
        ],
      },
      { target: colour(mix(aims.light)), parts: [{ of: mix(light), drops: 1 }] },
    ],
  }
}

describe('one puddle for two figures', () => {
  it('the same puddle costs nothing, one a little off costs a little, a far one is not offered', () => {
    const one = rowOf([1, 8, 2], [9, 1, 1])
    const same = rowOf([1, 8, 2], [3, 1, 4])
    const [first] = sharedPuddles([one, same], 0.2)
    expect(first).toMatchObject({ from: { step: 0 }, to: { step: 0 } })
    expect(first!.costs).toBeCloseTo(0, 9)
    const nearly = sharedPuddles([one, rowOf([1, 8, 3], [1, 1, 9])], 3)
    expect(nearly[0]!.costs).toBeGreaterThan(0)
    expect(nearly[0]!.from.step).toBe(0)
    expect(sharedPuddles([one, rowOf([0, 1, 9], [1, 1, 9])], 0.2)).toEqual([])
  })

  it('a ladder that comes nearer by the other’s puddle is told so, the steps that pour it counted', () => {
    const [dark, light] = [
      [1, 8, 2],
      [9, 1, 1],
    ] as const
    const exact = rowOf(dark, light)
    const off = rowOf([1, 8, 4], light, { dark, light })
    const [best] = sharedPuddles([exact, off], 0.2).filter(({ to }) => to.row === 1)
    expect(best).toMatchObject({ from: { row: 0, step: 0 }, to: { row: 1, step: 0 } })
    expect(best!.costs).toBeLessThan(-0.3)
    // With it the whole ladder is what it aims at: what it cost before is all of its miss.
    expect(sharedPuddles([exact, rowOf(dark, light)], 0.2)[0]!.costs).toBeCloseTo(0, 9)
  })
})
