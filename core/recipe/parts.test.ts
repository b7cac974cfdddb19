import { partsById } from '../puddle/parts'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { labOf } from '../colour/lab'
import { deltaE00 } from '../colour/deltaE00'
import { weightsOf } from '../colour/weights'
import { opaqueReflectance } from '../paint/opaque'
import { sameBox, samePaint } from '../paint/samePaint'
import { starterPaints } from '../paint/starter'
import { mendWell } from './advice/mend'
import { eachRecipe } from './eachRecipe'
import { exhaustiveRecipes } from './exhaustive'
import { dropsIn } from '../puddle/drops'
import { RecipeShortlist } from './shortlist'

const [white, , black] = starterPaints as [
  (typeof starterPaints)[0],
  unknown,
  (typeof starterPaints)[0],
]
const box = starterPaints.slice(0, 6)

describe('every recipe once', () => {
  /** Recipes by Möbius inversion of all compositions: those whose drops have no common divisor. */
  const choose = (n: number, k: number): number => (k === 0 ? 1 : (choose(n - 1, k - 1) * n) / k)
  const moebius = [0, 1, -1, -1, 0, -1, 1, -1, 0, 0, 1, -1, 0]
  const counted = (paints: number, maxPaints: number, maxDrops: number): number => {
    let all = 0
    for (let k = 1; k <= maxPaints; k++)
      for (let n = k; n <= maxDrops; n++)
        for (let d = 1; d <= n; d++)
          if (n % d === 0 && n / d >= k)
            all += choose(paints, k) * moebius[d]! * choose(n / d - 1, k - 1)
    return Math.round(all)
  }

  it('as many as there are by Möbius inversion, none twice, each in lowest terms', () => {
    for (const [paints, maxPaints, maxDrops] of [
      [6, 3, 8],
      [4, 4, 12],
      [5, 2, 9],
    ] as const) {
      const seen = new Set<string>()
      eachRecipe(
        box.slice(0, paints),
        { maxPaints, maxDrops },
        weightsOf(),
        (count, members, drops) => {
          const key = Array.from({ length: count }, (_, i) => `${members[i]}x${drops[i]}`).join()
          expect(seen.has(key)).toBe(false)
          seen.add(key)
        },
      )
      expect(seen.size).toBe(counted(paints, maxPaints, maxDrops))
    }
  })
})

describe('the shortlist', () => {
  const candidate = fc.record({
    deltaE00: fc.integer({ min: 0, max: 6 }).map((n) => n / 10),
    paints: fc.integer({ min: 1, max: 3 }),
    drops: fc.integer({ min: 1, max: 9 }),
  })
  it('keeps what sorting everything would keep', () => {
    fc.assert(
      fc.property(
        fc.array(candidate, { maxLength: 60 }),
        fc.integer({ min: 1, max: 12 }),
        (all, limit) => {
          const list = new RecipeShortlist(limit)
          const placed = all.map((one, place) => ({ ...one, place }))
          for (const one of placed) list.offer(one)
          const sorted = [...placed].sort(
            (a, b) =>
              a.deltaE00 - b.deltaE00 ||
              a.paints - b.paints ||
              a.drops - b.drops ||
              a.place - b.place,
          )
          expect(list.best).toEqual(sorted.slice(0, limit))
        },
      ),
    )
  })
})

describe('parts', () => {
  it('by id they keep order and drops; copies of a box are the same box until a curve moves', () => {
    const parts = [white, black].map((paint, i) => ({ paint, drops: i + 1 }))
    expect(partsById(parts)).toEqual([
      { paint: white.id, drops: 1 },
      { paint: black.id, drops: 2 },
    ])
    expect(dropsIn(parts)).toBe(3)
    const copy = structuredClone(box)
    expect(sameBox(box, copy)).toBe(true)
    expect(sameBox(box, [...copy].reverse())).toBe(false)
    copy[2]!.K[17]! += 1e-12
    expect(samePaint(box[2]!, copy[2]!)).toBe(false)
  })
})

describe('a well put right', () => {
  const aim = { L: 70, a: 10, b: 18 }
  it('only ways that come nearer, and anew where mending takes more than mixing', () => {
    const seen = { L: 60, a: 25, b: 0 }
    const asked = { parts: [], drops: 20, seen, aim, paints: box, room: 80 }
    const { front, fresh, startAgain } = mendWell(asked)
    const before = deltaE00(seen, aim)
    for (const { deltaE00: off } of front) expect(off).toBeLessThan(before)
    const best = exhaustiveRecipes({ target: aim, paints: box, maxPaints: 3, maxDrops: 12 })[0]!
    expect(fresh.deltaE00).toBeCloseTo(best.deltaE00, 9)
    expect(startAgain).toBe(
      front.length === 0 ||
        front.at(-1)!.added > dropsIn(fresh.parts) ||
        front.at(-1)!.deltaE00 > fresh.deltaE00 + 2,
    )
  })

  it('a well that is as it should be is left alone, and never started again unseen', () => {
    const parts = [{ paint: white, drops: 4 }]
    const own = labOf(opaqueReflectance(white))
    expect(mendWell({ parts, drops: 4, aim: own, paints: box, room: 40 }).startAgain).toBe(false)
    expect(mendWell({ parts, drops: 4, seen: own, aim: own, paints: box, room: 40 }).front).toEqual(
      [],
    )
    expect(() => mendWell({ parts, drops: 0, aim, paints: box, room: 40 })).toThrow('0 drops')
  })
})
