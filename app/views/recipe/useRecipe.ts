import { watchDebounced } from '@vueuse/core'
import { computed, reactive, toRaw } from 'vue'
import {
  alternatives,
  ingredientKey,
  isBottle,
  mixPaints,
  steadinessOf,
  whatPaintsBring,
  wayInWords,
} from '../../../core'
import type { Illuminant, Preference, Recipe, StepKey } from '../../../core'
import { useLadder } from '../../stores/ladder/ladder'
import { usePalette } from '../../stores/palette/palette'
import { letDownsIn, withLetDowns } from '../../stores/palette/smallBox'
import { paintOf } from '../../stores/paints'
import { useProject } from '../../stores/project/project'
import { useRecipeSearch } from '../../stores/recipeSearch'

const byCloseness = (recipes: Recipe[]): Recipe[] =>
  recipes.sort((one, other) => one.deltaE00 - other.deltaE00)

/** What a painter asks of the recipe of one step. */
export function useRecipe(step: () => StepKey) {
  const store = useProject()
  const ladder = useLadder()
  const palette = usePalette()
  const search = useRecipeSearch()
  const wishes = reactive({
    maxPaints: store.plan.maxPaints,
    maxDrops: store.mostDrops,
    underLamps: false,
    wholeCurve: false,
    noHazards: false,
    touches: true,
    required: '',
    prefer: '' as Preference | '',
  })
  const shown = computed(() => ladder.steps.find(({ key }) => key === step()) ?? ladder.steps[0]!)
  /** What is put together for it; a puddle stands as a paint of its own. */
  const parts = computed(() =>
    shown.value.made.map(({ of, drops }) => {
      const name = palette.palette.nameOf(of)
      const mix = palette.palette.mixOf(of)
      const paint = isBottle(of)
        ? paintOf(of.bottle)
        : { ...mix[0]!.paint, ...mixPaints(mix), id: ingredientKey(of), name }
      return { of, paint, drops }
    }),
  )
  const target = computed(() => shown.value.target)
  /** The colours that a new search is worth: rounding keeps a resting slider still. */
  const question = computed(() =>
    JSON.stringify([
      [target.value.L, target.value.a, target.value.b].map((v) => v.toFixed(2)),
      store.paintsIn.map(({ id }) => id),
      letDownsIn(store.project.puddles ?? []).map(({ id }) => id),
      { ...wishes, prefer: '' },
    ]),
  )
  function start(): void {
    if (store.paintsIn.length === 0) return search.stop()
    search.start({
      target:
        wishes.wholeCurve || wishes.underLamps
          ? toRaw(shown.value.reflectance)
          : { ...target.value },
      paints: withLetDowns(store.paintsIn.map(toRaw), store.project.puddles ?? []),
      white: paintOf('titanium-white'),
      maxPaints: wishes.maxPaints,
      maxDrops: wishes.maxDrops,
      limit: 60,
      lights: wishes.underLamps ? (['A', 'F11'] satisfies Illuminant[]) : [],
      wholeCurve: wishes.wholeCurve,
      touches: wishes.touches,
      constraints: {
        noHazards: wishes.noHazards,
        required:
          wishes.required && store.paintsIn.some(({ id }) => id === wishes.required)
            ? [wishes.required]
            : [],
      },
    })
  }
  watchDebounced(question, start, { debounce: 60, immediate: true })

  /** Bottles that the other steps of the ladder open anyway. */
  const open = computed(
    () =>
      new Set(
        ladder.steps
          .filter(({ key }) => key !== shown.value.key)
          .flatMap(({ parts }) => parts.map(({ paint }) => paint)),
      ),
  )
  const list = computed(() =>
    search.news
      ? alternatives(
          // While it runs the few best are enough; the rest is weighed at the end.
          byCloseness([...search.news.best.slice(0, search.running ? 6 : 30), ...search.others]),
          toRaw(shown.value.reflectance),
          wishes.prefer
            ? {
                preference: wishes.prefer,
                stock: new Map(Object.entries(store.project.bottles ?? {})),
              }
            : undefined,
          open.value,
        )
      : [],
  )
  const steadiness = computed(() =>
    parts.value.length > 0 ? steadinessOf(parts.value) : undefined,
  )
  const brings = computed(() =>
    parts.value.length > 0 ? whatPaintsBring({ parts: parts.value }) : [],
  )
  const missing = computed(() =>
    shown.value.painted ? wayInWords(shown.value.painted, target.value) : [],
  )
  return {
    store,
    ladder,
    search,
    wishes,
    shown,
    parts,
    target,
    list,
    steadiness,
    brings,
    missing,
    start,
  }
}
