import { describe, expect, it } from 'vitest'
import {
  deltaE00,
  flatSpectrum,
  labOf,
  smoothestReflectance,
  stackReflectance,
  starterPaints,
} from '../../core'
import { many } from '../thorough'
import { exactCoats, exactGround } from './addingDoubling'
import type { Laid } from './addingDoubling'

const grounds = [
  flatSpectrum(0.02),
  smoothestReflectance({ L: 32, a: 15, b: 15 }),
  smoothestReflectance({ L: 52, a: 20, b: 20 }),
  smoothestReflectance({ L: 74, a: 12, b: 18 }),
  flatSpectrum(0.85),
].map((seen) => ({ seen, exact: exactGround(seen) }))
const paints = starterPaints.filter((_, i) => i % many(1, 3) === 0)
const exact = grounds.map((ground) => ground.exact)

/** How far the core is off after coats over each ground, and how far they move it, ΔE00. */
const compare = (coats: readonly Laid[]): { off: number; moves: number }[] =>
  exactCoats(coats, exact).map((end, g) => {
    const under = grounds[g]!.seen
    const ours = stackReflectance(
      under,
      coats.map(({ paint, thicknessUm }) => ({ mixture: paint, thicknessUm })),
    )
    return {
      off: deltaE00(labOf(ours), labOf(end)),
      moves: deltaE00(labOf(under), labOf(end)),
    }
  })

function expectNear(all: readonly { off: number; moves: number }[], most = 0.8): void {
  const mean = (of: 'off' | 'moves'): number =>
    all.reduce((sum, one) => sum + one[of], 0) / all.length
  expect(mean('moves')).toBeGreaterThan(2)
  expect(mean('off')).toBeLessThan(most)
  expect(Math.max(...all.map(({ off }) => off))).toBeLessThan(3)
}

describe('coats against exact layers, by adding and doubling', () => {
  it.each([
    ['filters', [0.5]],
    ['glazes', [0.7, 1.2]],
    ['washes', [1.3, 3.3, 7.3]],
    ['layers', [10, 20]],
  ])('%s over black, three fleshes and white', (_, thicknesses) => {
    expectNear(
      thicknesses.flatMap((thicknessUm) =>
        paints.flatMap((paint) => compare([{ paint, thicknessUm }])),
      ),
    )
  })

  it('coats on coats: white, a wash, two glazes', () => {
    const white = starterPaints[0]!
    expectNear(
      paints.flatMap((paint, i) => {
        const next = paints[(i + 1) % paints.length]!
        return compare([
          { paint: white, thicknessUm: 8 },
          { paint, thicknessUm: 3.3 },
          { paint: next, thicknessUm: 0.7 },
          { paint: next, thicknessUm: 0.7 },
        ])
      }),
      1.5,
    )
  })
})
