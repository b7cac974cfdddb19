import { computed } from 'vue'
import { ingredientKey, stepPuddle } from '../../../../core'
import type { Ingredient, PlannedPuddle } from '../../../../core'
import { useLadder } from '../../../stores/ladder/ladder'
import { usePalette } from '../../../stores/palette/palette'
import { useProject } from '../../../stores/project/project'
import { aboutWords, amountWords, givenInWords, madeInWords } from '../../../words/amounts'

/** One puddle on the way: what is put together, and what becomes of it. */
export interface PathMove extends PlannedPuddle {
  key: string
  name: string
}

/** The order of mixing everything that this figure is painted with. */
export function usePath() {
  const store = usePalette()
  const project = useProject()
  const ladder = useLadder()
  const nameOf = (of: Ingredient): string => store.palette.nameOf(of)
  const moves = computed<PathMove[]>(() =>
    store.palette.plan.puddles.map((one) => ({
      ...one,
      key: ingredientKey(one.of),
      name: nameOf(one.of),
    })),
  )
  /** Steps of the ladder that no coat lays: what they are mixed of, and nothing is poured for them. */
  const unlaid = computed(() =>
    ladder.steps
      .filter(({ key }) => !store.palette.plannedOf({ puddle: stepPuddle(project.figure.id, key) }))
      .map(({ name, made }) => ({ name, words: madeInWords(made, nameOf) })),
  )
  /** One line a puddle. */
  const inWords = computed(() => [
    ...moves.value.map((move) => `${move.name}: ${givenInWords(move, nameOf)}`),
    ...unlaid.value.map(({ name, words }) => `${name}: ${words}; laid by no coat`),
  ])
  /** What becomes of a puddle: painted, poured on, left over. */
  const becomesWords = ({ painted, poured, left }: PathMove): string =>
    [
      ...(painted > 0 ? [`paint with ${aboutWords(painted)}`] : []),
      ...poured.map(({ into, drops }) => `${amountWords(drops)} into ${nameOf(into)}`),
      ...(left > 0.24 ? [`${aboutWords(left)} left over`] : []),
    ].join(' · ')
  return { moves, unlaid, inWords, nameOf, becomesWords }
}
