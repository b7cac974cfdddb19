import { expect, it } from 'vitest'
import { lowTide, onTheBench } from '../../../demo/lowTide'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { plainMood } from '../../ladder/mood'
import { ladderTargets } from '../../ladder/targets'
import { starterPaints } from '../../paint/starter'
import { RecipeTable } from '../../recipe/recipeTable'
import { baseReflectance } from '../../tone/tone'
import { reliefs } from '../coatKinds'
import { methods } from './methods'
import { resolveStack } from '../plan'
import { lightPlaces, stackLayers } from '../stack'
import { of } from '../../../tests/fixtures/coats'

it('every method is a complete plan on every figure of the demo, and no two look the same', () => {
  const bench = starterPaints.filter(({ id }) => onTheBench.includes(id))
  const table = new RecipeTable(bench, { maxPaints: 3, maxDrops: 10 })
  expect(methods).toHaveLength(21)
  for (const { tone, id } of lowTide([]).figures) {
    const steps = ladderTargets(baseReflectance(tone), plainMood).map(({ key, target }) => ({
      key,
      parts: table.nearest(target)[0]!.parts,
    }))
    const looks = methods.map((method) => {
      const stack = resolveStack(method, steps, of)
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
