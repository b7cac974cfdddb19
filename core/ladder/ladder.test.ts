import { lightSchoolKeys, shadowSchoolKeys } from '../project/schoolKeys'
import { describe, expect, it } from 'vitest'
import { lowTide, onTheBench } from '../../demo/lowTide'
import { deltaE00 } from '../colour/deltaE00'
import { labOf } from '../colour/lab'
import { chromaOf, hueOf } from '../colour/lch'
import { starterPaints } from '../paint/starter'
import { findRecipes } from '../recipe/findRecipes'
import { skinReflectance } from '../tone/skin'
import { baseReflectance } from '../tone/tone'
import { judgeLadder } from './judgement'
import { lightPath } from './light/paintedLight'
import { overstatement } from './light/overstatement'
import { plainLighting, stepCounts } from '../project/lighting'
import type { Lighting } from '../project/lighting'
import { planLadder } from './planLadder'
import { ladderTargets } from './targets'

const paints = starterPaints.filter(({ id }) => onTheBench.includes(id))
const tan = skinReflectance({ melanin: 0.052, blood: 0.036, oxygenation: 0.78 })
const gapsOf = (ladder: { target: Parameters<typeof deltaE00>[0] }[]): number[] =>
  ladder.slice(1).map(({ target }, i) => deltaE00(ladder[i]!.target, target))
const spread = (gaps: number[]): number =>
  ((Math.max(...gaps) - Math.min(...gaps)) * gaps.length) / gaps.reduce((a, b) => a + b)

describe('targets', () => {
  it('climb evenly around the base, for every demo figure and number of steps; shares add to one', () => {
    for (const { tone, plan } of lowTide([]).figures)
      for (const steps of stepCounts)
        for (const spacing of ['difference', 'lightness'] as const) {
          const base = baseReflectance(tone)
          const ladder = ladderTargets(base, {
            ...plainLighting,
            ...plan,
            steps,
            spacing,
          } as Lighting)
          expect(ladder).toHaveLength(steps)
          ladder.slice(1).forEach(({ target }, i) => {
            expect(target.L).toBeGreaterThan(ladder[i]!.target.L)
          })
          const rises = ladder.slice(1).map(({ target }, i) => target.L - ladder[i]!.target.L)
          expect(spread(spacing === 'difference' ? gapsOf(ladder) : rises)).toBeLessThan(0.15)
          // T15: closer together near the top, where mixes cover more and edges show.
          if (spacing === 'difference' && steps > 3)
            expect(gapsOf(ladder).at(-1)).toBeLessThan(gapsOf(ladder)[0]!)
          expect(ladder.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12)
          expect(deltaE00(ladder.find(({ key }) => key === 'base')!.target, labOf(base))).toBe(0)
        }
  })

  it('with sheen 0 and one white key the target is proportional to light in every band', () => {
    const lighting = {
      ...plainLighting,
      sheen: 0,
      warmth: 0,
      turn: 0,
      bounce: 0,
      shadow: 'violet',
    } as const
    const path = lightPath(tan, lighting)
    for (const L of [20, 35, 48, 60, 70]) {
      const seen = path.at(L)
      const light = seen[20]! / tan[20]!
      seen.forEach((r, i) => expect(r).toBeCloseTo(light * tan[i]!, 12))
      expect(labOf(seen).L).toBeCloseTo(L, 6)
    }
  })

  it('contrast widens, sheen greys the lights, warm light cools the shadow, size and softness count', () => {
    const step = (at: number, change: Partial<Lighting>) =>
      ladderTargets(tan, { ...plainLighting, ...change }).at(at)!.target
    const range = (change: Partial<Lighting>): number => step(-1, change).L - step(0, change).L
    expect(range({ contrast: 1.4 })).toBeGreaterThan(range({ contrast: 0.6 }) + 10)
    expect(range({ sizeMm: 28 })).toBeGreaterThan(range({ sizeMm: 75 }) + 3)
    expect(range({ seenFrom: 'shelf' })).toBeGreaterThan(range({ seenFrom: 'hand' }) + 3)
    expect(range({ softness: 1 })).toBeLessThan(range({ softness: 0 }) - 10)
    expect(overstatement(54, 'table')).toBe(1)
    expect(() => overstatement(3, 'table')).toThrow('allowed is 10 to 600')
    const path = (change: Partial<Lighting>) => lightPath(tan, { ...plainLighting, ...change })
    expect(chromaOf(path({ sheen: 1 }).labAt(75))).toBeLessThan(
      chromaOf(path({ sheen: 0 }).labAt(75)) - 3,
    )
    expect(path({ warmth: 1 }).labAt(35).b).toBeLessThan(path({ warmth: -1 }).labAt(35).b - 3)
    expect(path({ warmth: 1 }).labAt(70).b).toBeGreaterThan(path({ warmth: -1 }).labAt(70).b + 3)
    expect(chromaOf(path({ bounce: 0.8, turn: 0 }).labAt(30))).toBeGreaterThan(
      chromaOf(path({ bounce: 0, turn: 0 }).labAt(30)) + 1,
    )
  })

  it('every school of shadow and of light goes its own way', () => {
    const at = (L: number, change: Partial<Lighting>) =>
      lightPath(tan, { ...plainLighting, turn: 1, lift: 1, sheen: 0, ...change }).labAt(L)
    const tints = { shadowTint: skinReflectance({ melanin: 0.3, blood: 0.1, oxygenation: 0.2 }) }
    const shadows = shadowSchoolKeys.map((shadow) => at(20, { shadow, ...tints }))
    const lights = lightSchoolKeys.map((light) =>
      at(75, { light, lightTint: paintOf('zinc-white') }),
    )
    for (const list of [shadows, lights])
      list.forEach((one, i) =>
        list.slice(0, i).forEach((other) => expect(deltaE00(one, other)).toBeGreaterThan(0.5)),
      )
    const of = (shadow: Lighting['shadow'], L = 25) => at(L, { shadow })
    expect(of('violet').b).toBeLessThan(of('own').b - 5)
    expect(chromaOf(of('own'))).toBeGreaterThan(chromaOf(at(25, { turn: 0 })))
    expect(of('blue-green').a).toBeLessThan(at(25, { turn: 0 }).a - 5)
    // The crevice alone turns; half-shadow stays.
    expect(deltaE00(of('crevice', 47), at(47, { turn: 0 }))).toBeLessThan(1)
    expect(deltaE00(of('crevice', 18), at(18, { turn: 0 }))).toBeGreaterThan(5)
    expect(chromaOf(at(75, { light: 'white' }))).toBeLessThan(chromaOf(at(75, { light: 'flesh' })))
  })

  it('a moved step moves, others stay; settings out of range are named', () => {
    const moved = ladderTargets(tan, plainLighting, { moved: { light: { L: 2, a: -3, b: 1 } } })
    ladderTargets(tan, plainLighting).forEach(({ key, target }, i) => {
      const now = moved[i]!.target
      expect(now.L - target.L).toBeCloseTo(key === 'light' ? 2 : 0, 6)
      expect(now.a - target.a).toBeCloseTo(key === 'light' ? -3 : 0, 6)
    })
    expect(() => ladderTargets(tan, { ...plainLighting, contrast: 9 })).toThrow('contrast is 9')
    expect(() => ladderTargets(tan, { ...plainLighting, steps: 4 as never })).toThrow(
      '3, 5, 7 or 9',
    )
  })
})

const paintOf = (id: string) => {
  const { K, S } = starterPaints.find((paint) => paint.id === id)!
  return K.map((k, i) => 1 + k / S[i]! - Math.sqrt((k / S[i]!) ** 2 + (2 * k) / S[i]!))
}

it('planLadder gives every step the best recipe there is', () => {
  const limits = { maxPaints: 2, maxDrops: 8 }
  for (const { target, recipe } of planLadder({ base: tan, paints, ...limits }).steps) {
    const [best] = findRecipes({ target, paints, ...limits })
    expect(recipe.parts).toEqual(best!.parts)
    expect(recipe.deltaE00).toBeCloseTo(best!.deltaE00, 10)
    expect(recipe.parts.reduce((sum, { drops }) => sum + drops, 0)).toBeLessThanOrEqual(8)
  }
})

describe('judgement (thresholds: common practice, no source)', () => {
  const steps = (labs: [number, number, number][], shares?: number[]) =>
    labs.map(([L, a, b], i) => ({
      key: (['shade', 'base', 'light'] as const)[i]!,
      painted: { L, a, b },
      share: shares?.[i] ?? 1 / 3,
    }))
  const said = (
    labs: [number, number, number][],
    change: Partial<Lighting> = {},
    shares?: number[],
  ) => judgeLadder(steps(labs, shares), { ...plainLighting, steps: 3, ...change })
  const keys = (...asked: Parameters<typeof said>) => said(...asked).map(({ fault }) => fault.key)

  it('says what is wrong with its number, and the mend mends it', () => {
    expect(keys([[30, 12, 12], [52, 15, 17], [74, 14, 18]])).toEqual([]) // prettier-ignore
    const flat = said([[45, 13, 15], [52, 15, 17], [60, 15, 18]]) // prettier-ignore
    expect(flat[0]!.fault.key).toBe('flat')
    expect(flat[0]!.change.contrast).toBeGreaterThan(1)
    expect(keys([[30, 2, 14], [52, 15, 17], [74, 14, 18]])).toContain('green shade') // prettier-ignore
    expect(keys([[40, 14, 15], [68, 12, 16], [88, 20, 24]])).toContain('saturated lights') // prettier-ignore
    expect(keys([[30, 12, 12], [52, 15, 17], [76, 4, 6]])).toContain('chalky') // prettier-ignore
    expect(keys([[44, 12, 12], [52, 15, 17], [92, 12, 14]])).toContain('glint') // prettier-ignore
    // T5: dark skin that leans yellow reads green.
    expect(keys([[15, 6, 8], [34, 8, 18], [55, 9, 18]])).toContain('yellow dark') // prettier-ignore
    expect(keys([[15, 8, 6], [34, 14, 15], [55, 14, 16]])).not.toContain('yellow dark') // prettier-ignore
    // T19: lights on dark skin are sparing.
    const wide = said([[12, 7, 6], [34, 14, 15], [60, 14, 16]], {}, [0.2, 0.3, 0.5]) // prettier-ignore
    expect(wide.map(({ fault }) => fault.key)).toContain('stranded lights')
    expect(hueOf({ L: 0, a: 0, b: 1 })).toBeCloseTo(90, 9)
  })
})
