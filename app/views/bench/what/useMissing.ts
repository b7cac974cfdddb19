import { computed } from 'vue'
import { isBottle } from '../../../../core'
import type { Ingredient } from '../../../../core'
import type { FigurePalette } from '../../../stores/palette/figurePalette'
import { useProject } from '../../../stores/project/project'

/** Whether something is a bottle that is not in for a figure: it is said, not poured without a word. */
export function useMissing(palette: () => FigurePalette) {
  const store = useProject()
  const isIn = computed(() => new Set(store.paintsFor(palette().paint.figure).map(({ id }) => id)))
  return (of: Ingredient): boolean => isBottle(of) && !isIn.value.has(of.bottle)
}
