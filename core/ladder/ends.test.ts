import { describe, expect, it } from 'vitest'
import { baseReflectance } from '../tone/tone'
import type { Lab } from '../colour/lab'
import { deltaE00 } from '../colour/deltaE00'
import { plainLighting } from '../project/lighting'
import { reachedEnds } from './ends'
import { ladderTargets } from './targets'
import type { LadderEnds } from './targets'

const base = baseReflectance({
  kind: 'skin',
  melanin: 0.05,
  blood: 0.025,
  oxygenation: 0.78,
  carotene: 14,
})
const at = (ends: LadderEnds) => ladderTargets(base, plainLighting, { ends })
const wanted = at({}).map(({ target }) => target.L)
/** Paint that gives every colour between two lightnesses, and nothing beyond. */
const between = (least: number, most: number) => (target: Lab) => {
  const lab = { ...target, L: Math.min(most, Math.max(least, target.L)) }
  return { lab, deltaE00: deltaE00(lab, target) }
}

describe('a ladder ends where its paint does', () => {
  it('as it was, where the paint reaches', () => {
    expect(reachedEnds(at, between(0, 100))).toEqual({ ends: {}, wanted: {} })
    // A little short is nothing that anybody sees.
    expect(reachedEnds(at, between(wanted[0]! + 2, 100)).wanted).toEqual({})
  })

  it('drawn in at the end that is out of reach, and that end alone; it says what it wanted', () => {
    const { ends, wanted: told } = reachedEnds(at, between(30, 100))
    expect(told).toEqual({ dark: wanted[0] })
    const steps = at(ends)
    const dark = steps[0]!.target
    expect(between(30, 100)(dark).deltaE00).toBeLessThanOrEqual(2.6)
    // Not further in than it has to be: 2.5 ΔE00 is about three of lightness there.
    expect(dark.L).toBeGreaterThan(25)
    expect(dark.L).toBeLessThan(32)
    expect(steps).toHaveLength(7)
    steps.slice(1).forEach(({ target }, i) => expect(target.L).toBeGreaterThan(steps[i]!.target.L))
    const high = reachedEnds(at, between(0, 70))
    expect(Object.keys(high.ends)).toEqual(['light'])
    expect(at(high.ends).at(-1)!.target.L).toBeLessThan(wanted.at(-1)!)
  })

  it('greys before it is drawn in: what is dark enough only without its hue keeps its lightness', () => {
    // Paint that mixes every lightness, in the dark of a chroma of 4 at most.
    const dull = (target: Lab) => {
      const chroma = Math.hypot(target.a, target.b)
      const share = target.L < 45 ? Math.min(1, 4 / chroma) : 1
      const lab = { L: target.L, a: share * target.a, b: share * target.b }
      return { lab, deltaE00: deltaE00(lab, target) }
    }
    const { ends, wanted: told } = reachedEnds(at, dull)
    expect(told).toEqual({})
    expect(ends.keeps?.dark).toBeLessThan(1)
    const steps = at(ends)
    expect(steps[0]!.target.L).toBeCloseTo(wanted[0]!, 1)
    const chromas = [at({}), steps].map((all) =>
      all.slice(0, 2).map(({ target }) => Math.hypot(target.a, target.b)),
    )
    // The last step gives up most, the one beside it less.
    const [last, next] = [0, 1].map((i) => chromas[1]![i]! / chromas[0]![i]!)
    expect(last).toBeCloseTo(ends.keeps!.dark!, 1)
    expect(next).toBeGreaterThan(last!)
    expect(steps.at(-1)!.target).toEqual(at({}).at(-1)!.target)
  })

  it('an end that is drawn in costs the other side none of its reach', () => {
    const free = at({}).map(({ target }) => target.L)
    const drawn = at({ light: free.at(-1)! - 8 }).map(({ target }) => target.L)
    expect(drawn.at(-1)).toBeLessThan(free.at(-1)! - 5)
    expect(drawn[0]).toBeLessThan(free[0]! + 5)
  })

  it('never past the base, whatever the paint is', () => {
    const steps = at(reachedEnds(at, between(62, 62)).ends)
    const place = steps.findIndex(({ key }) => key === 'base')
    expect(place).toBeGreaterThan(0)
    expect(steps[0]!.target.L).toBeLessThan(steps[place]!.target.L)
    expect(steps.at(-1)!.target.L).toBeGreaterThan(steps[place]!.target.L)
  })
})
