import { computed, markRaw, reactive } from 'vue'
import { paletteOrder } from '../../../../core'
import type { HueFamily, OpacityClass, PaintKind } from '../../../../core'
import { paintOf } from '../../../stores/paints'
import { useProject } from '../../../stores/project/project'

export const sorts = ['palette', 'name', 'lightness', 'in use first', 'what is left'] as const
type BoxSort = (typeof sorts)[number]

/** Which paints are shown, and in what order. */
export function useBoxList() {
  const store = useProject()
  const filter = reactive({
    words: '',
    family: '' as HueFamily | '',
    opacity: '' as OpacityClass | '',
    kind: '' as PaintKind | '',
    inPlan: false,
    owned: false,
    low: false,
    sort: 'palette' as BoxSort,
  })
  /** Share of the bottle that is left; unknown bottles count as full. */
  const leftOf = (id: string): number => {
    const bottle = store.project.bottles?.[id]
    return bottle?.ml && bottle.leftMl !== undefined ? bottle.leftMl / bottle.ml : 1
  }
  const ordered = computed(() => markRaw(paletteOrder(store.paints, paintOf('titanium-white'))))
  const out = computed(() => new Set(store.project.out))
  const shown = computed(() => {
    const words = filter.words.trim().toLowerCase()
    const list = ordered.value.filter(
      ({ paint, family }) =>
        (words === '' ||
          `${paint.name} ${paint.pigments.join(' ')}`.toLowerCase().includes(words)) &&
        (filter.opacity === '' || paint.opacity === filter.opacity) &&
        (filter.kind === '' || (paint.kind ?? 'paint') === filter.kind) &&
        (!filter.inPlan || !out.value.has(paint.id)) &&
        (!filter.owned || store.isOwned(paint.id)) &&
        (!filter.low || leftOf(paint.id) < 0.25) &&
        (filter.family === '' || family === filter.family),
    )
    type Entry = (typeof list)[number]
    const by: Record<BoxSort, (one: Entry, other: Entry) => number> = {
      palette: () => 0,
      name: (one, other) => one.paint.name.localeCompare(other.paint.name),
      lightness: (one, other) => one.L - other.L,
      'in use first': (one, other) =>
        Number(out.value.has(one.paint.id)) - Number(out.value.has(other.paint.id)),
      'what is left': (one, other) => leftOf(one.paint.id) - leftOf(other.paint.id),
    }
    return markRaw([...list].sort(by[filter.sort]).map(({ paint }) => paint))
  })
  return { filter, shown, leftOf }
}
