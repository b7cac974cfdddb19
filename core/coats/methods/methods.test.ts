import { expect, it } from 'vitest'
import { lowTide, onTheBench } from '../../../demo/lowTide'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { plainMood } from '../../ladder/mood'
import { stepFor } from '../../ladder/steps'
import type { StepKey } from '../../ladder/steps'
import { ladderTargets } from '../../ladder/targets'
import { starterPaints } from '../../paint/starter'
import { bottlesIn } from '../../puddle/content'
import { bottleParts } from '../../puddle/puddle'
import { partsById } from '../../recipe/recipe'
import { RecipeTable } from '../../recipe/recipeTable'
import { baseReflectance } from '../../tone/tone'
import { reliefs } from '../coatKinds'
import { methods } from './methods'
import { startFrom } from './startFrom'
import { resolveStack } from '../plan'
import { lightPlaces } from '../../place/place'
import { stackLayers } from '../stack'
import { of } from '../../../tests/fixtures/coats'

it('every method is a complete plan on every figure of the demo, and no two look the same', () => {
  const bench = starterPaints.filter(({ id }) => onTheBench.includes(id))
  const table = new RecipeTable(bench, { maxPaints: 3, maxDrops: 10 })
  expect(methods).toHaveLength(21)
  let made = 0
  const newId = (): string => `mix ${++made}`
  for (const { tone, id } of lowTide([]).figures) {
    const steps = ladderTargets(baseReflectance(tone), plainMood).map(({ key, target }) => ({
      id: key as string,
      parts: bottleParts(partsById(table.nearest(target)[0]!.parts)),
    }))
    const keys = steps.map((step) => step.id as StepKey)
    const looks = methods.map((method) => {
      const { plan, puddles } = startFrom(method, [], (key) => stepFor(key, keys), newId)
      const inside = new Map([...steps, ...puddles].map((one) => [one.id, one.parts]))
      const stack = resolveStack(plan, (laid) =>
        bottlesIn([{ of: laid, drops: 1 }], (one) => inside.get(one)).map(({ paint, drops }) => ({
          paint: of(paint),
          drops,
        })),
      )
      return lightPlaces.flatMap((where) => {
        const layers = stackLayers(stack, where)
        return reliefs.map((relief) => {
          for (const layer of layers[relief])
            for (const r of layer) expect(r >= 0 && r <= 1).toBe(true)
          return labOf(layers[relief].at(-1)!)
        })
      })
    })
    looks.forEach((look, i) =>
      looks.slice(0, i).forEach((other, k) => {
        const apart = look.map((lab, at) => deltaE00(lab, other[at]!))
        expect(
          Math.max(...apart),
          `${id}: ${methods[i]!.key} and ${methods[k]!.key}`,
        ).toBeGreaterThan(2)
      }),
    )
  }
})
