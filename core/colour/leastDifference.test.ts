import { differenceCiede2000 } from 'culori'
import { expect, it } from 'vitest'
import { many } from '../../tests/thorough'
import { seeded } from '../numbers/seeded'
import { leastDifference } from './leastDifference'
import type { LabBox } from './leastDifference'

/** CIEDE2000 by code that is not ours. */
const theirs = differenceCiede2000()
const lab = (l: number, a: number, b: number) => ({ mode: 'lab65' as const, l, a, b })

it('no colour of a box is nearer, and small boxes are told closely', () => {
  const random = seeded(3)
  const close: number[] = []
  for (let n = 0; n < many(60_000, 6000); n++) {
    const span = n % 3 === 0 ? 20 : 200
    const target = { L: 100 * random(), a: span * (random() - 0.5), b: span * (random() - 0.5) }
    const size = [0.001, 1, 5, 20, 60][n % 5]!
    const low = [100 * random(), span * (random() - 0.5), span * (random() - 0.5)]
    const box = low.flatMap((v, k) => [v, v + size * (k === 0 ? 1 : 2) * random()])
    const least = leastDifference(target, box as unknown as LabBox)
    // Corners, then anywhere within.
    for (let k = 0; k < 12; k++) {
      const at = [0, 2, 4].map((axis, bit) => {
        const share = k < 8 ? (k >> bit) & 1 : random()
        return box[axis]! + share * (box[axis + 1]! - box[axis]!)
      })
      const off = theirs(lab(target.L, target.a, target.b), lab(at[0]!, at[1]!, at[2]!))
      expect(least).toBeLessThanOrEqual(off * (1 + 2e-6) + 1e-6)
      if (k === 0 && size < 0.01 && off < 40) close.push(off - least)
    }
  }
  close.sort((a, b) => a - b)
  expect(close.length).toBeGreaterThan(300)
  expect(close[Math.floor(0.9 * close.length)]).toBeLessThan(0.3)
})
