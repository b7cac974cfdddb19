import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { longest, moveKey } from '../../../core'
import type { BenchMove, DryingTimer } from '../../../core'
import { ringOnce } from './ring'

/** What dries on the bench. Time is the clock's, so a reload or a sleeping tablet loses nothing. */
export function useTimers(
  running: () => readonly DryingTimer[],
  set: (timers: DryingTimer[]) => void,
  figureName: (timer: Pick<DryingTimer, 'figure' | 'copy'>) => string,
) {
  const clock = ref(Date.now())
  const timers = computed(() =>
    running().map((timer) => ({
      ...timer,
      key: moveKey(timer),
      leftMs: timer.endsAt - clock.value,
    })),
  )
  const rung = new Set<string>()
  function ring(): void {
    const ended = timers.value.filter(({ leftMs, key }) => leftMs <= 0 && !rung.has(key))
    if (ended.length === 0) return
    for (const { key } of ended) rung.add(key)
    void ringOnce(
      ended.map(({ key, endsAt, words }) => ({ key: `${key} ${endsAt}`, words: `Dry: ${words}` })),
    )
  }
  useIntervalFn(() => {
    clock.value = Date.now()
    ring()
  }, 1000)

  const others = (key: string): DryingTimer[] => running().filter((old) => moveKey(old) !== key)
  /** A move starts to dry, or starts anew. */
  function start(move: BenchMove): void {
    const { figure, copy, of } = move
    const timer = {
      ...{ figure, copy, of },
      words: `${figureName(move)}, ${move.words}`.slice(0, longest.words),
      endsAt: Math.round(Date.now() + move.dryMin * 60_000),
    }
    rung.delete(move.id)
    clock.value = Date.now()
    set([...others(move.id), timer])
  }
  /** Minutes that were left of a timer; nothing when it had run out. */
  function leftOf(key: string): number {
    const timer = running().find((one) => moveKey(one) === key)
    return timer ? Math.max(0, (timer.endsAt - Date.now()) / 60_000) : 0
  }
  return { timers, others, start, leftOf }
}
