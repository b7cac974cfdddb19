import { useNow } from '@vueuse/core'
import { computed } from 'vue'
import { dryingOf, formKeyOf, moveKey, toneLab } from '../../../core'
import type {
  FormKey,
  BenchMove,
  DoneMove,
  DryingTimer,
  Figure,
  Lab,
  ScheduledMove,
} from '../../../core'

/** One that goes round on the bench: whether it dries, and what comes next on it. */
export interface RotationLane {
  key: string
  figure: string
  copy: number
  form: FormKey
  lab: Lab
  leftMs: number
  /** Share of its drying that is still to come, 0–1. */
  share: number
  next: BenchMove | undefined
  /** What it waits for, where it is dry: moves of others that come first. */
  after: BenchMove | undefined
}

/** What is left of a drying, ms, and as a share; a clock that was set back makes no coat dry longer than it was to. */
export function dryingAt(
  now: number,
  { from, until }: { from: number; until: number },
): { leftMs: number; share: number } {
  const whole = Math.max(1, until - from)
  const leftMs = Math.max(0, Math.min(whole, until - now))
  return { leftMs, share: leftMs / whole }
}

/** Those that are in rotation, each with what it waits for; the clock goes by seconds. */
export function useRotation(asked: {
  chains: () => readonly (readonly BenchMove[])[]
  toCome: () => readonly ScheduledMove[]
  done: () => readonly DoneMove[]
  timers: () => readonly DryingTimer[]
  figureOf: (id: string) => Figure | undefined
}) {
  const now = useNow({ interval: 1000 })
  const doneAt = computed(() => new Map(asked.done().map((one) => [moveKey(one), one.at])))
  const timerEnds = computed(() => new Map(asked.timers().map((one) => [moveKey(one), one.endsAt])))
  function drying(chain: readonly BenchMove[]): { leftMs: number; share: number } {
    const dries = dryingOf(chain, { doneAt: doneAt.value, timerEnds: timerEnds.value })
    return dries ? dryingAt(now.value.getTime(), dries) : { leftMs: 0, share: 0 }
  }
  return computed<RotationLane[]>(() =>
    asked.chains().flatMap((chain): RotationLane[] => {
      const [first] = chain
      const figure = first && asked.figureOf(first.figure)
      if (!figure) return []
      const coming = asked.toCome()
      const at = coming.findIndex(
        ({ move }) => move.figure === first.figure && move.copy === first.copy,
      )
      return [
        {
          key: JSON.stringify([first.figure, first.copy]),
          figure: first.figure,
          copy: first.copy,
          form: formKeyOf(figure.plan),
          lab: toneLab(figure.tone),
          next: coming[at]?.move,
          after: coming[at - 1]?.move,
          ...drying(chain),
        },
      ]
    }),
  )
}
