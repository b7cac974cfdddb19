import { computed, watch } from 'vue'
import { dropsNeeded, usualAmounts, plainParts } from '../../../../core'
import { useLadder } from '../../../stores/ladder/ladder'
import { paintOf } from '../../../stores/paints'
import { useProject } from '../../../stores/project/project'
import { useAnswer } from '../../../workers/useAnswer'
import { amountWords, shareWords } from './words'

/** The puddle path of the ladder that is shown, and what it is worked out for. */
export function usePath() {
  const store = useProject()
  const ladder = useLadder()
  const amounts = computed(() => {
    const { coats, thinner, bare } = store.plan
    return {
      sizeMm: store.figure.size.heightMm,
      figures: store.figure.many,
      coats: coats ?? usualAmounts.coats,
      thinner: thinner ?? usualAmounts.thinner,
      bare: bare ?? usualAmounts.bare,
      dropsPerMl: usualAmounts.dropsPerMl,
    }
  })
  const needs = computed(() =>
    dropsNeeded({ ...amounts.value, shares: ladder.steps.map(({ share }) => share) }),
  )
  const { answer, trouble, ask } = useAnswer(ladder.path)
  watch(
    [() => ladder.steps, needs],
    () => {
      if (ladder.steps.some(({ parts }) => parts.length === 0)) return
      ask({
        steps: ladder.steps.map(({ key, parts }, i) => ({
          key,
          parts: plainParts(parts),
          need: needs.value[i]!,
        })),
        start: ladder.steps.findIndex(({ key }) => key === 'base'),
      })
    },
    { immediate: true },
  )
  const nameOf = (key: string): string => ladder.steps.find((one) => one.key === key)?.name ?? key
  const added = (add: readonly { paint: string; drops: number }[]): string =>
    add.map(({ paint, drops }) => `${amountWords(drops, false)} ${paintOf(paint).name}`).join(', ')
  /** One line a move, painting left out. */
  const inWords = computed(() =>
    (answer.value?.moves ?? []).flatMap((move) => {
      if (move.kind === 'mix') return [`mix ${added(move.add)} = ${nameOf(move.step)}`]
      if (move.kind === 'add')
        return [`${move.add.length > 0 ? `+ ${added(move.add)} ` : ''}= ${nameOf(move.step)}`]
      if (move.kind === 'lift')
        return [`lift ${shareWords(move.share)} of ${nameOf(move.step)} for ${nameOf(move.to)}`]
      return []
    }),
  )
  return { answer, trouble, amounts, nameOf, inWords }
}
