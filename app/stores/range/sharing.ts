import { computed, watch } from 'vue'
import { isBottle, stepOf } from '../../../core'
import type { SharedPuddle, SharingPart, SharingRow } from '../../../core'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { paintOf } from '../paints'
import { useProject } from '../project/project'
import { useRange } from './rows'
import type { RangeRow, RangeStep } from './rowOf'

/** A figure whose puddle another may take costs it at most so much, ΔE00 of its mean. */
const LITTLE = 0.25

/** A step that one figure can take from another. */
export interface Sharing {
  giver: RangeRow
  given: RangeStep
  own: RangeStep
  costs: number
}

function sharingRow({ figure, steps }: RangeRow): SharingRow {
  const partOf = ({ of, drops }: RangeStep['made'][number]): SharingPart => {
    if (isBottle(of)) return { of: paintOf(of.bottle), drops }
    const key = stepOf(figure.id, of.puddle)
    return { of: steps.findIndex((one) => one.key === key), drops }
  }
  return {
    steps: steps.map(({ target, made, puddle, mixture }) => ({
      target: { ...target },
      parts: puddle
        ? [{ of: { K: mixture.K, S: mixture.S }, drops: 1 }]
        : made.map(partOf).map(({ of, drops }) => ({
            of: typeof of === 'number' ? of : { K: of.K, S: of.S },
            drops,
          })),
    })),
  }
}

/** Puddles of one figure that would serve another, by the id of the one that would take it. */
export function useSharing() {
  const store = useProject()
  const range = useRange()
  const rows = computed(() => range.rows.flatMap(({ row }) => row ?? []))
  const { answer, ask } = useAnswer<readonly RangeRow[], ReadonlyMap<string, Sharing>>(
    async (list) => {
      const told: SharedPuddle[] = await threads.range().shared(list.map(sharingRow), LITTLE)
      const isShared = ({ made }: RangeStep): boolean => made.length === 1 && !isBottle(made[0]!.of)
      return new Map(
        told.flatMap(({ from, to, costs }) => {
          const [giver, taker] = [list[from.row]!, list[to.row]!]
          const [given, own] = [giver.steps[from.step]!, taker.steps[to.step]!]
          // What is shared already need not be offered.
          return isShared(own) ? [] : [[taker.figure.id, { giver, given, own, costs }] as const]
        }),
      )
    },
  )
  watch([rows, () => range.busy], ([list, busy]) => !busy && list.length > 1 && ask(list), {
    immediate: true,
  })
  function share(taker: string): void {
    const found = answer.value?.get(taker)
    if (!found) return
    const { giver, given, own } = found
    store.sharePuddle(
      { name: `${giver.figure.name.split(',')[0]}, ${given.name}`, parts: given.made },
      [
        { figure: giver.figure.id, key: given.key },
        { figure: taker, key: own.key },
      ],
    )
  }
  return { offers: computed(() => answer.value ?? new Map<string, Sharing>()), share }
}
