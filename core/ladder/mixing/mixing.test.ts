import { describe, expect, it } from 'vitest'
import { lowTide, onTheBench } from '../../../demo/lowTide'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import { starterPaints } from '../../paint/starter'
import { partsById } from '../../puddle/parts'
import { touchesAsDrops } from '../../recipe/advice/touches'
import { findRecipes } from '../../recipe/findRecipes'
import { mixingBox } from '../../recipe/mixingBox'
import { baseReflectance } from '../../tone/tone'
import { plainLighting } from '../../project/lighting'
import { ladderTargets } from '../targets'
import { jointPaints } from './jointPaints'
import { mixLadder } from './mixLadder'
import type { MixRequest } from './mixing'
import { ratiosUpTo, runToward } from './run'

const of = (id: string) => starterPaints.find((paint) => paint.id === id)!
const bench = starterPaints.filter(({ id }) => onTheBench.includes(id))
const figures = lowTide([]).figures
const targetsOf = (id: string) => {
  const ladder = ladderTargets(
    baseReflectance(figures.find((figure) => figure.id === id)!.tone),
    plainLighting,
  )
  return {
    targets: ladder.map(({ target }) => target),
    base: ladder.findIndex(({ key }) => key === 'base'),
  }
}
const limits = { maxPaints: 3, maxDrops: 10 }
const asked = (id: string, mixing: MixRequest['mixing'], paints = bench): MixRequest => ({
  ...targetsOf(id),
  ...limits,
  paints,
  mixing,
  closest: (targets, from) =>
    targets.map((target) => findRecipes({ target, paints: from, ...limits })[0]!),
  several: (target, many) => findRecipes({ target, paints, ...limits, limit: many }),
  patience: { ms: Infinity, now: () => 0 },
})

describe('shared bottles', () => {
  it('chosen together are the best of all sets of so many, and never worse than separate choices', () => {
    const paints = bench.slice(0, 7)
    const { targets } = targetsOf('isaura')
    const mean = (set: readonly (typeof paints)[number][]): number =>
      targets.reduce(
        (sum, target) => sum + findRecipes({ target, paints: set, ...limits })[0]!.deltaE00,
        0,
      ) / targets.length
    for (const bottles of [2, 3]) {
      const joint = jointPaints({ targets, paints, bottles, ...limits })
      expect(joint.paints).toHaveLength(bottles)
      expect(joint.mean).toBeCloseTo(mean(joint.paints), 9)
      let least = Infinity
      for (let mask = 0; mask < 1 << paints.length; mask++) {
        const set = paints.filter((_, i) => mask & (1 << i))
        if (set.length === bottles) least = Math.min(least, mean(set))
      }
      expect(joint.mean).toBeCloseTo(least, 9)
      // Separate: the paints that single steps use most.
      const uses = new Map<string, number>()
      for (const target of targets)
        for (const { paint } of findRecipes({ target, paints, ...limits })[0]!.parts)
          uses.set(paint.id, (uses.get(paint.id) ?? 0) + 1)
      const most = [...uses].sort((a, b) => b[1] - a[1]).slice(0, bottles)
      expect(joint.mean).toBeLessThanOrEqual(mean(most.map(([id]) => of(id))) + 1e-9)
    }
    expect(() => jointPaints({ targets, paints: starterPaints, bottles: 3, ...limits })).toThrow(
      'allowed is 1 to 24',
    )
  }, 30_000)
})

describe('puddles with touches in them', () => {
  const white = of('titanium-white')
  const { paints, bottles } = mixingBox(
    ['titanium-white', 'bone-black', 'yellow-ochre', 'ultramarine', 'naphthol-red'].map(of),
    [],
    white,
  )
  it.each(figures.map(({ id }) => id))('%s: every step is as far off as it says, poured', (id) => {
    const { steps, note } = mixLadder({
      ...asked(id, { way: 'puddles' }, paints),
      bottles,
      maxDrops: 6,
      several: (target, limit) => findRecipes({ target, paints, maxPaints: 3, maxDrops: 6, limit }),
    })
    const puddle = (at: number) =>
      mixPaints(
        touchesAsDrops(partsById(steps[at]!.parts)).map((part) => ({
          paint: of(part.paint),
          drops: part.drops,
        })),
      )
    const offs = steps.map(({ parts, poured = [] }, i) => {
      const mixed = [
        ...poured.map(({ step, drops }) => ({ paint: puddle(step), drops })),
        ...(poured.length > 0 ? parts : [{ paint: puddle(i), drops: 1 }]),
      ]
      return deltaE00(labOf(opaqueReflectance(mixPaints(mixed))), targetsOf(id).targets[i]!)
    })
    offs.forEach((off, i) => expect(off, `step ${i}`).toBeCloseTo(steps[i]!.deltaE00, 2))
    expect(note?.way === 'puddles' && note.mean).toBeCloseTo(
      offs.reduce((sum, off) => sum + off, 0) / offs.length,
      2,
    )
  })
})

describe('a run of whole drops', () => {
  const base = mixPaints([
    { paint: of('red-iron-oxide'), drops: 3 },
    { paint: of('yellow-ochre'), drops: 3 },
    { paint: of('titanium-white'), drops: 4 },
  ])

  it('is the evenest there is: exhaustive search finds none better', () => {
    for (const [id, maxDrops] of [
      ['titanium-white', 8],
      ['burnt-umber', 8],
      ['ultramarine', 6],
    ] as const) {
      const run = runToward(base, of(id), { steps: 3, maxDrops, gap: 7 })
      const ratios = ratiosUpTo(maxDrops)
      const labs = ratios.map(([b, o]) =>
        labOf(
          opaqueReflectance(
            mixPaints([
              { paint: base, drops: b },
              { paint: of(id), drops: o },
            ]),
          ),
        ),
      )
      const start = labOf(opaqueReflectance(base))
      let least = Infinity
      for (let i = 0; i < labs.length; i++)
        for (let j = i + 1; j < labs.length; j++)
          for (let k = j + 1; k < labs.length; k++) {
            const gaps = [
              deltaE00(start, labs[i]!),
              deltaE00(labs[i]!, labs[j]!),
              deltaE00(labs[j]!, labs[k]!),
            ]
            least = Math.min(
              least,
              Math.max(...gaps.map((gap) => Math.abs(gap - run.gap) / run.gap)),
            )
          }
      expect(run.uneven).toBeCloseTo(least, 12)
    }
  })

  it('T7: 3:1, 2:1, 1:1, 1:2, 1:3 rises at every step, and equal drops are not half-way', () => {
    const white = of('titanium-white')
    const seen = (b: number, o: number) =>
      labOf(
        opaqueReflectance(
          mixPaints([
            { paint: base, drops: b },
            { paint: white, drops: o },
          ]),
        ),
      ).L
    const run = [seen(3, 1), seen(2, 1), seen(1, 1), seen(1, 2), seen(1, 3)]
    run.slice(1).forEach((L, i) => expect(L).toBeGreaterThan(run[i]!))
    expect(Math.abs(seen(1, 1) - (seen(1, 0) + seen(0, 1)) / 2)).toBeGreaterThan(3)
  })

  it('a ladder as a run is even within 15% of the mean, on every skin of the demo', () => {
    for (const id of ['isaura', 'bram', 'tunde', 'mei', 'rashida']) {
      const { steps } = mixLadder(asked(id, { way: 'run' }, bench.slice(0, 6)))
      const base = steps.findIndex(({ poured }) => !poured)
      const baseMix = mixPaints(steps[base]!.parts)
      const labs = steps.map(({ parts, poured }) =>
        labOf(
          opaqueReflectance(
            mixPaints([{ paint: baseMix, drops: poured?.[0]?.drops ?? 0 }, ...parts]),
          ),
        ),
      )
      const gaps = labs.slice(1).map((lab, i) => deltaE00(labs[i]!, lab))
      for (const side of [gaps.slice(0, base), gaps.slice(base)]) {
        const mean = side.reduce((a, b) => a + b) / side.length
        expect((Math.max(...side) - Math.min(...side)) / mean).toBeLessThan(0.3)
      }
      expect(labs.every((lab, i) => i === 0 || lab.L > labs[i - 1]!.L)).toBe(true)
    }
    expect(() => mixLadder(asked('mei', { way: 'run', light: 'gold' }))).toThrow('"gold"')
  })
})

it('a progression takes bottles and half-and-half bridges, rising, and says where one is missing', () => {
  const ids = ['titanium-white', 'yellow-ochre', 'red-iron-oxide', 'burnt-umber', 'raw-umber']
  const { steps, note } = mixLadder(asked('isaura', { way: 'bought', progression: ids }))
  const labs = steps.map(({ parts }) => labOf(opaqueReflectance(mixPaints(parts))))
  labs.slice(1).forEach((lab, i) => expect(lab.L).toBeGreaterThan(labs[i]!.L))
  for (const { parts } of steps) expect(parts.every(({ drops }) => drops === 1)).toBe(true)
  expect(note?.way === 'bought' && note.wide.length).toBeGreaterThan(0)
  expect(() => mixLadder(asked('isaura', { way: 'bought', progression: ids.slice(0, 2) }))).toThrow(
    '2 bottles and their bridges make 3 tones; the ladder has 7 steps',
  )
})

it('a family keeps its share of the base in every step', () => {
  const request = asked('isaura', { way: 'matched', family: 0.3 }, bench.slice(0, 6))
  const { steps } = mixLadder(request)
  steps.forEach(({ parts, poured }, i) => {
    const ofBase = poured?.[0]?.drops ?? 0
    if (i === request.base) return expect(ofBase).toBe(0)
    const total = ofBase + parts.reduce((sum, { drops }) => sum + drops, 0)
    expect(ofBase / total).toBeGreaterThanOrEqual(0.3 - 1e-9)
    expect(ofBase).toBeLessThanOrEqual(12)
  })
})
