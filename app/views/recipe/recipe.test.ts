import { until } from '@vueuse/core'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import type { EffectScope } from 'vue'
import { deltaE00, predictMix } from '../../../core'
import { useLadder } from '../../stores/ladder/ladder'
import { paintOf } from '../../stores/paints'
import { usePalette } from '../../stores/palette/palette'
import { useProject } from '../../stores/project/project'
import { usePath } from '../ladder/path/usePath'
import { useRecipe } from './useRecipe'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))

const few = ['titanium-white', 'yellow-ochre', 'burnt-umber', 'red-iron-oxide', 'ultramarine']
let scope: EffectScope
beforeEach(async () => {
  vi.stubGlobal('navigator', { hardwareConcurrency: 2 })
  setActivePinia(createPinia())
  const store = useProject()
  for (const { id } of store.paints) store.setPaintIn(id, few.includes(id))
  store.setLimit('maxDrops', 12)
  store.setTable(undefined)
  store.setPlan({ way: 'matched', maxPaints: 3 })
  const ladder = useLadder()
  await until(() => ladder.searching).toBe(false)
  scope = effectScope()
  return () => {
    scope.stop()
    vi.unstubAllGlobals()
  }
})
const inScope = <T>(make: () => T): T => scope.run(make)!

describe('the recipe of one step', () => {
  const answered = async (recipe: ReturnType<typeof useRecipe>): Promise<void> => {
    await until(() => recipe.search.news?.proved && !recipe.search.running).toBe(true)
    await until(() => recipe.list.value.length > 1).toBe(true)
  }

  it('lists the closest among mixes, each as far off as it says', async () => {
    const recipe = inScope(() => useRecipe(() => 'base'))
    await answered(recipe)
    const first = recipe.list.value.find(({ kind }) => kind === 'closest')
    // The ladder takes what is as good as the doubt can tell, of fewer bottles and drops.
    expect(first!.recipe.deltaE00).toBeLessThanOrEqual(recipe.shown.value.off! + 1e-3)
    expect(recipe.shown.value.off! - first!.recipe.deltaE00).toBeLessThan(1)
    for (const { recipe: one } of recipe.list.value)
      expect(deltaE00(predictMix(one.parts).lab, recipe.target.value)).toBeCloseTo(one.deltaE00, 3)
    expect(recipe.brings.value).toHaveLength(recipe.parts.value.length)
    expect(recipe.steadiness.value).toBeDefined()
  })

  it('a wish starts a new search and is kept in every mix', async () => {
    const recipe = inScope(() => useRecipe(() => 'light'))
    await answered(recipe)
    recipe.wishes.required = 'ultramarine'
    recipe.wishes.maxPaints = 3
    const holds = () =>
      recipe.search.news?.proved === true &&
      recipe.search.news.best.every(({ parts }) =>
        parts.some(({ paint }) => paint.id.split('@')[0] === 'ultramarine'),
      )
    await until(holds).toBe(true)
    expect(recipe.search.trouble).toBe('')
  })
})

describe('the puddle path of the ladder', () => {
  it('says every puddle in words, and needs more paint for more figures', async () => {
    const store = useProject()
    const ladder = useLadder()
    const path = inScope(usePath)
    await until(() => ladder.steps.every(({ parts }) => parts.length > 0)).toBe(true)
    const lines = path.inWords.value
    for (const { name } of ladder.steps)
      expect(
        lines.some((line) => line.startsWith(`${name}: `)),
        name,
      ).toBe(true)
    // The undercoat is of a bottle that is not in.
    const names = [...few, 'raw-umber'].map((id) => paintOf(id).name)
    expect(lines.every((line) => names.some((name) => line.includes(name)))).toBe(true)
    const palette = usePalette()
    const total = () => palette.palette.plan.bottles.reduce((sum, { drops }) => sum + drops, 0)
    const before = total()
    store.setFigure(store.figure.id, { many: 20 })
    expect(total()).toBeGreaterThan(2 * before)
  })
})
