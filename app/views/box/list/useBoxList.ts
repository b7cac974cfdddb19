import { computed, reactive, toRaw } from 'vue'
import { familyOf, labOf, opaqueReflectance, paletteOrder } from '../../../../core'
import type { HueFamily, OpacityClass, Paint, PaintKind } from '../../../../core'
import { paintOf } from '../../../stores/paints'
import { useProject } from '../../../stores/project'

export const sorts = ['palette', 'name', 'lightness', 'in the plan first', 'what is left'] as const
export type BoxSort = (typeof sorts)[number]

const families = new WeakMap<Paint, HueFamily>()
/** The hue family of a paint, worked out once. */
export function familyOfPaint(paint: Paint): HueFamily {
  const key = toRaw(paint)
  let family = families.get(key)
  if (!family) families.set(key, (family = familyOf(key, paintOf('titanium-white'))))
  return family
}
const lightness = new WeakMap<Paint, number>()
function lightnessOf(paint: Paint): number {
  let L = lightness.get(paint)
  if (L === undefined) lightness.set(paint, (L = labOf(opaqueReflectance(paint)).L))
  return L
}

/** Which paints are shown, and in what order. */
export function useBoxList() {
  const store = useProject()
  const filter = reactive({
    words: '',
    family: '' as HueFamily | '',
    opacity: '' as OpacityClass | '',
    kind: '' as PaintKind | '',
    inPlan: false,
    low: false,
    sort: 'palette' as BoxSort,
  })
  /** Share of the bottle that is left; unknown bottles count as full. */
  const leftOf = (id: string): number => {
    const bottle = store.project.bottles?.[id]
    return bottle?.ml && bottle.leftMl !== undefined ? bottle.leftMl / bottle.ml : 1
  }
  const ordered = computed(() => paletteOrder(store.paints.map(toRaw), paintOf('titanium-white')))
  const out = computed(() => new Set(store.project.out))
  const shown = computed(() => {
    const words = filter.words.trim().toLowerCase()
    const list = ordered.value.filter(
      (paint) =>
        (words === '' ||
          `${paint.name} ${paint.pigments.join(' ')}`.toLowerCase().includes(words)) &&
        (filter.opacity === '' || paint.opacity === filter.opacity) &&
        (filter.kind === '' || (paint.kind ?? 'paint') === filter.kind) &&
        (!filter.inPlan || !out.value.has(paint.id)) &&
        (!filter.low || leftOf(paint.id) < 0.25) &&
        (filter.family === '' || familyOfPaint(paint) === filter.family),
    )
    const by: Record<BoxSort, (one: Paint, other: Paint) => number> = {
      palette: () => 0,
      name: (one, other) => one.name.localeCompare(other.name),
      lightness: (one, other) => lightnessOf(one) - lightnessOf(other),
      'in the plan first': (one, other) =>
        Number(out.value.has(one.id)) - Number(out.value.has(other.id)),
      'what is left': (one, other) => leftOf(one.id) - leftOf(other.id),
    }
    return [...list].sort(by[filter.sort])
  })
  return { filter, shown, leftOf }
}
