import { computed } from 'vue'
import { ingredientKey } from '../../../../core'
import type { Ingredient, PlannedPuddle } from '../../../../core'
import { usePalette } from '../../../stores/palette/palette'
import { amountWords, givenInWords } from '../../../words/amounts'

/** One puddle on the way: what is put together, and what becomes of it. */
export interface PathMove extends PlannedPuddle {
  key: string
  name: string
}

/** The order of mixing everything that this figure is painted with. */
export function usePath() {
  const store = usePalette()
  const nameOf = (of: Ingredient): string => store.palette.nameOf(of)
  const moves = computed<PathMove[]>(() =>
    store.palette.plan.puddles.map((one) => ({
      ...one,
      key: ingredientKey(one.of),
      name: nameOf(one.of),
    })),
  )
  /** One line a puddle. */
  const inWords = computed(() =>
    moves.value.map((move) => `${move.name}: ${givenInWords(move, nameOf)}`),
  )
  const pouredWords = ({ poured }: PathMove): string =>
    poured.map(({ into, drops }) => `${amountWords(drops)} into ${nameOf(into)}`).join(', ')
  return { moves, inWords, nameOf, pouredWords }
}
