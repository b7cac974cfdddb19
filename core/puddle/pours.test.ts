import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { starterPaints } from '../paint/starter'
import { dropsIn } from './drops'
import { palettePlan } from './palettePlan'
import type { PuddlePart } from './puddle'

const bottle = (id: string, drops: number): PuddlePart => ({ of: { bottle: id }, drops })
const pour = (id: string, drops: number): PuddlePart => ({ of: { puddle: id }, drops })

describe('a plan of pours', () => {
  it('never runs short, mixes each puddle once, and keeps its ratio, over random palettes', () => {
    const amount = fc.constantFrom(0.1, 0.2, 0.5, 1, 1, 2, 3, 4, 5)
    const mixes = fc.array(
      fc.array(fc.record({ at: fc.nat(30), drops: amount }), { minLength: 1, maxLength: 4 }),
      { minLength: 1, maxLength: 7 },
    )
    const wishes = fc.array(
      fc.record({ at: fc.nat(6), drops: fc.double({ min: 0, max: 9, noNaN: true }) }),
      { minLength: 1, maxLength: 8 },
    )
    fc.assert(
      fc.property(mixes, wishes, (all, asked) => {
        // A puddle may be poured into those that come after it; bottles are what is left.
        const parts = all.map((list, i) => {
          const ids = new Map<string, PuddlePart>()
          for (const { at, drops } of list)
            if (at < i) ids.set(`p${at}`, pour(`p${at}`, Math.ceil(drops)))
            else ids.set(`b${at % 5}`, bottle(starterPaints[at % 5]!.id, drops))
          return [...ids.values()]
        })
        const wanted = asked.map(({ at, drops }) => ({
          of: { puddle: `p${at % parts.length}` },
          drops,
          kept: 0.5,
        }))
        const { puddles, bottles } = palettePlan(wanted, (id) => parts[Number(id.slice(1))])
        const keys = puddles.map(({ of: one }) => JSON.stringify(one))
        expect(new Set(keys).size).toBe(keys.length)
        const poured = new Map<string, number>()
        for (const one of puddles) {
          const key = JSON.stringify(one.of)
          // What is poured from a puddle was mixed before, and there is enough of it.
          expect(one.left).toBeGreaterThanOrEqual(one.given.near ? -1e-6 : -one.given.total)
          const asked = wanted.filter((wish) => JSON.stringify(wish.of) === key)
          expect(one.painted).toBeCloseTo(dropsIn(asked), 9)
          one.parts.forEach((part, i) => {
            const inside = JSON.stringify(part.of)
            if ('puddle' in part.of) expect(keys.indexOf(inside)).toBeLessThan(keys.indexOf(key))
            const drops = one.given.drops[i]! * one.given.times
            poured.set(inside, (poured.get(inside) ?? 0) + drops)
            if (one.given.exact)
              expect(one.given.drops[i]! / one.given.drops[0]!).toBeCloseTo(
                part.drops / one.parts[0]!.drops,
                6,
              )
          })
        }
        for (const one of puddles)
          expect(dropsIn(one.poured)).toBeCloseTo(poured.get(JSON.stringify(one.of)) ?? 0, 6)
        for (const { paint, drops } of bottles)
          expect(drops).toBeCloseTo(poured.get(JSON.stringify({ bottle: paint })) ?? 0, 6)
      }),
      { numRuns: 1000 },
    )
  })
})
