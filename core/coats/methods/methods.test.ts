import { bottleParts, partsById } from '../../puddle/parts'
import { reliefs } from '../../project/coat'
import { describe, expect, it } from 'vitest'
import { lowTide, onTheBench } from '../../../demo/lowTide'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { plainLighting } from '../../project/lighting'
import { stepFor, stepKeys } from '../../project/steps'
import { ladderTargets } from '../../ladder/targets'
import { starterPaints } from '../../paint/starter'
import type { Paint } from '../../paint/paint'
import { lightPlaces } from '../../project/place'
import { bottlesIn } from '../../puddle/content'
import { isBottle } from '../../puddle/puddle'
import { RecipeTable } from '../../recipe/recipeTable'
import { baseReflectance, zonesOf } from '../../tone/tone'
import { resolveStack } from '../plan'
import { stackLayers } from '../stack'
import { of } from '../../../tests/fixtures/coats'
import { many } from '../../../tests/thorough'
import { endAims, endOf, offBy } from './ends'
import { methodFor } from './methodFor'
import type { MethodFigure } from './methodFor'
import { methods } from './methods'

const { figures } = lowTide([])
const among = (ids: readonly string[]): Paint[] =>
  starterPaints.filter(({ id }) => ids.includes(id))
const bench = among(onTheBench)
/** No bottle that most methods name is in this one. */
const six = among([
  'titanium-white',
  'raw-umber',
  'naphthol-red',
  'bismuth-vanadate',
  'prussian-blue',
  'quinacridone-rose',
])

/** Each method as it is made for a figure of the demo, with what the world beside it says of the end. */
function madeFor({ tone, plan }: (typeof figures)[number], paints: Paint[], table: RecipeTable) {
  const steps = ladderTargets(baseReflectance(tone), { ...plainLighting, ...plan }).map((step) => ({
    ...step,
    parts: table.nearest(step.target)[0]!.parts,
  }))
  let n = 0
  const figure: MethodFigure = {
    steps,
    paints,
    had: [],
    stepId: (key) => `step.${key}`,
    newId: () => `mix-${++n}`,
  }
  return methods.map((method) => {
    const { plan: laid, puddles, off } = methodFor(method, figure, of)
    const own = new Map(puddles.map((one) => [one.id, one.parts]))
    const keys = steps.map(({ key }) => key)
    const stepOf = new Map(
      steps.map(({ key, parts }) => [`step.${key}`, bottleParts(partsById(parts))]),
    )
    const bottles = new Set<string>()
    const stack = resolveStack(laid, (what) =>
      bottlesIn([{ of: what, drops: 1 }], (id) => {
        const key = stepKeys.find((one) => `step.${one}` === id)
        return own.get(id) ?? stepOf.get(`step.${stepFor(key!, keys)}`)
      }).map(({ paint, drops }) => {
        bottles.add(paint)
        return { paint: of(paint), drops }
      }),
    )
    return { method, laid, puddles, off, stack, bottles, aims: endAims(steps) }
  })
}

describe('every method on every figure of the demo', () => {
  const table = new RecipeTable(bench, { maxPaints: 3, maxDrops: 12 })
  /** One coat over a sketch, or a flesh that is to look dead: they say how far off they end. */
  const free = new Set(['violet-sketch', 'dead-grey', 'dead-flesh'])

  it.each(
    figures.filter((_, i) => i % many(1, 5) === 0).map((figure) => [figure.id, figure] as const),
  )(
    '%s: of bottles that are in, ending within 4 of the ladder, no two by the same way',
    (id, figure) => {
      expect(methods).toHaveLength(21)
      const looks = madeFor(figure, bench, table).map(
        ({ method, laid, puddles, off, stack, bottles, aims }) => {
          const when = `${id} ${method.key}`
          for (const bottle of bottles) expect(onTheBench, when).toContain(bottle)
          // What it says of its end is what the films come to.
          const ends = offBy(endOf(stack), aims)
          expect(off.mean, when).toBeCloseTo(ends.mean, 1)
          if (!free.has(method.key)) expect(ends.mean, when).toBeLessThanOrEqual(4)
          // Its mixes stay: each is a puddle by name, laid somewhere.
          const used = new Set(laid.coats.map((coat) => (isBottle(coat.of) ? '' : coat.of.puddle)))
          for (const { id: puddle, name } of puddles) {
            expect(used.has(puddle), when).toBe(true)
            expect(name!.length, when).toBeGreaterThan(2)
          }
          const known = zonesOf(figure.tone).map(({ key }) => key)
          for (const place of method.accents?.[figure.tone.kind] ?? [])
            expect(known, when).toContain(place)
          for (const where of lightPlaces)
            for (const relief of reliefs)
              for (const layer of stackLayers(stack, where)[relief])
                for (const r of layer) expect(r >= 0 && r <= 1).toBe(true)
          // The way there: what it looks like coat by coat.
          return (['shadow', 'light'] as const).map((where) =>
            stackLayers(stack, where).flat.map((r) => labOf(r)),
          )
        },
      )
      looks.forEach((look, i) =>
        looks.slice(0, i).forEach((other, k) => {
          const apart = look.flatMap((labs, at) =>
            labs.length === other[at]!.length
              ? labs.map((lab, coat) => deltaE00(lab, other[at]![coat]!))
              : [100],
          )
          expect(
            Math.max(...apart),
            `${id}: ${methods[i]!.key} and ${methods[k]!.key}`,
          ).toBeGreaterThan(4)
        }),
      )
    },
  )

  it('what the name promises is there: lips, stubble, knuckles, joints', () => {
    const promised: Record<string, string[]> = {
      lips: ['lower-lip', 'lip'],
      stubble: ['stubble'],
      knuckles: ['knuckle'],
    }
    for (const { name, accents } of methods)
      for (const [word, places] of Object.entries(promised))
        if (name.toLowerCase().includes(word)) {
          const given = [...(accents?.skin ?? []), ...(accents?.hide ?? [])]
          expect(
            given.some((place) => places.includes(place)),
            name,
          ).toBe(true)
        }
  })

  it('a box that has none of their bottles gives mixes and undercoats of what it has', () => {
    const own = new RecipeTable(six, { maxPaints: 3, maxDrops: 12 })
    const ids = six.map(({ id }) => id)
    for (const { method, laid, bottles } of madeFor(figures[0]!, six, own)) {
      for (const bottle of bottles) expect(ids, method.key).toContain(bottle)
      expect(laid.coats).toHaveLength(method.coats.length)
    }
    expect(() =>
      methodFor(methods[0]!, { steps: [], paints: [], had: [], stepId: String, newId: String }, of),
    ).toThrow('no paint to mix from')
  })
})
