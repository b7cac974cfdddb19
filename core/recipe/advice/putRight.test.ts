import { expect, describe, it } from 'vitest'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { knownWell, looksLike, putRight, startAgain, unknownWell } from './putRight'
import { box, of } from '../../../tests/fixtures/advice'
import { seeded } from '../../numbers/seeded'

const flesh: Lab = { L: 64, a: 16, b: 18 }

describe('putting a well right', () => {
  /** The fewest added drops that reach the best, by trying every addition in plain loops. */
  function byTrying(
    well: { K: Float64Array; S: Float64Array },
    drops: number,
    target: Lab,
    paints: Paint[],
    most: number,
  ) {
    let best = { off: Infinity, added: 0 }
    const amounts = paints.map(() => 0)
    const go = (at: number, left: number, kinds: number): void => {
      if (at === paints.length) {
        const added = most - left
        if (added === 0) return
        const parts = [
          { paint: well, drops },
          ...paints.map((paint, i) => ({ paint, drops: amounts[i]! })),
        ]
        const off = deltaE00(labOf(opaqueReflectance(mixPaints(parts))), target)
        if (off < best.off - 1e-9 || (off < best.off + 1e-9 && added < best.added))
          best = { off, added }
        return
      }
      for (let d = 0; d <= left && (d === 0 || kinds < 2); d++) {
        amounts[at] = d
        go(at + 1, left - d, kinds + (d > 0 ? 1 : 0))
      }
      amounts[at] = 0
    }
    go(0, most, 0)
    return best
  }

  it('reaches the best with the fewest drops, over 300 seeded wells', () => {
    const random = seeded(77)
    const pick = (): Paint => box[Math.floor(random() * box.length)]!
    for (let n = 0; n < 300; n++) {
      const parts = [pick(), pick(), of('titanium-white')].map((paint) => ({
        paint,
        drops: 1 + Math.floor(random() * 5),
      }))
      const well = knownWell(parts)
      const target: Lab = { L: 30 + 50 * random(), a: 25 * random(), b: 30 * random() }
      const paints = box.slice(0, 3 + (n % 3))
      const front = putRight({ well, target, paints, maxPaints: 2, maxDrops: 5 })
      const expected = byTrying(well.mixture, well.drops, target, paints, 5)
      expect(front.at(-1)!.deltaE00, `well ${n}`).toBeCloseTo(expected.off, 7)
      expect(front.at(-1)!.added).toBe(expected.added)
      front.forEach((one, i) => {
        if (i > 0) expect(one.added).toBeGreaterThan(front[i - 1]!.added)
        expect(one.keep).toBe(1)
      })
    }
  })

  it('lifts out what would overflow, judges by words and says when to start again', () => {
    const well = knownWell([{ paint: of('burnt-umber'), drops: 18 }])
    const [first] = putRight({
      well,
      target: flesh,
      paints: box,
      maxPaints: 2,
      maxDrops: 6,
      room: 20,
    })
    expect(first!.keep * well.drops + first!.added).toBeLessThanOrEqual(20)
    const front = putRight({
      well,
      target: flesh,
      paints: box,
      maxPaints: 2,
      maxDrops: 6,
      room: 20,
    })
    expect(front.some(({ keep }) => keep < 1)).toBe(true)
    expect(startAgain(front, { drops: 8, deltaE00: 0.5 })).toBe(true)
    const yellow = looksLike(flesh, ['too yellow', 'too dark'])
    expect(yellow.b).toBeGreaterThan(flesh.b)
    expect(yellow.L).toBeLessThan(flesh.L)
    const mended = putRight({
      well: unknownWell(yellow, 10),
      target: flesh,
      paints: box,
      maxPaints: 3,
      maxDrops: 6,
    })
    expect(mended.at(-1)!.deltaE00).toBeLessThan(deltaE00(yellow, flesh))
    expect(() =>
      putRight({
        well: { ...well, drops: 0 },
        target: flesh,
        paints: box,
        maxPaints: 1,
        maxDrops: 1,
      }),
    ).toThrow('nothing to put right')
  })
})
