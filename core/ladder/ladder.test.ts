import { describe, expect, it } from 'vitest'
import { lowTide, onTheBench } from '../../demo/lowTide'
import { deltaE00 } from '../colour/deltaE00'
import { labOf } from '../colour/lab'
import { chromaOf, hueOf } from '../colour/lch'
import { starterPaints } from '../paint/starter'
import { findRecipes } from '../recipe/findRecipes'
import { skinReflectance } from '../tone/skin'
import { baseReflectance } from '../tone/tone'
import { planLadder } from './planLadder'
import { ladderTargets, plainMood } from './targets'

const paints = starterPaints.filter(({ id }) => onTheBench.includes(id))
const tan = skinReflectance({ melanin: 0.052, blood: 0.036, oxygenation: 0.78 })

describe('targets', () => {
  it('climb from crevice to glint around the base, for every demo figure and five or seven steps', () => {
    for (const { tone } of lowTide([]).figures)
      for (const steps of [5, 7] as const) {
        const base = baseReflectance(tone)
        const ladder = ladderTargets(base, { ...plainMood, steps })
        expect(ladder).toHaveLength(steps)
        ladder.forEach(({ target }, i) => {
          if (i > 0) expect(target.L).toBeGreaterThan(ladder[i - 1]!.target.L)
        })
        expect(ladder.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12)
        expect(deltaE00(ladder.find(({ key }) => key === 'base')!.target, labOf(base))).toBe(0)
      }
  })

  it('contrast widens, sheen greys the lights, violet turns the shadow, warm light cools it', () => {
    const step = (at: number, change: object) =>
      ladderTargets(tan, { ...plainMood, ...change })[at]!.target
    expect(step(6, { contrast: 1.4 }).L).toBeGreaterThan(step(6, { contrast: 0.6 }).L + 5)
    expect(step(0, { contrast: 1.4 }).L).toBeLessThan(step(0, { contrast: 0.6 }).L - 5)
    expect(chromaOf(step(6, { sheen: 1 }))).toBeLessThan(chromaOf(step(6, { sheen: 0 })) - 3)
    expect(hueOf(step(1, { turn: 1 }))).not.toBeCloseTo(hueOf(step(1, { turn: 0 })), 0)
    expect(step(1, { turn: 1 }).b).toBeLessThan(step(1, { turn: 0 }).b - 3)
    expect(step(1, { warmth: 1 }).b).toBeLessThan(step(1, { warmth: -1 }).b - 3)
    expect(step(5, { warmth: 1 }).b).toBeGreaterThan(step(5, { warmth: -1 }).b + 3)
  })

  it('names the setting that is out of range', () => {
    expect(() => ladderTargets(tan, { ...plainMood, contrast: 9 })).toThrow('contrast is 9')
  })
})

it('planLadder gives every step the best recipe there is', () => {
  const limits = { maxPaints: 2, maxDrops: 8 }
  for (const { target, recipe } of planLadder({ base: tan, paints, ...limits }).steps) {
    const [best] = findRecipes({ target, paints, ...limits })
    expect(recipe).toEqual(best)
    expect(recipe.parts.reduce((sum, { drops }) => sum + drops, 0)).toBeLessThanOrEqual(8)
  }
})
