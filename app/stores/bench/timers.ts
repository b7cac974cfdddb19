import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { BenchMove, FigureBench } from '../../../core'
import { ringOnce } from './ring'

type Timer = FigureBench['timers'][number]

/**
 * What dries on the bench. Time is the clock's, so a reload or a sleeping tablet loses nothing.
 * @param figure the figure's id, which with move and time names a ring once among tabs.
 */
export function useTimers(
  running: () => readonly Timer[],
  set: (timers: Timer[]) => void,
  figure: () => string,
) {
  const clock = ref(Date.now())
  const timers = computed(() =>
    running().map((timer) => ({ ...timer, leftMs: timer.endsAt - clock.value })),
  )
  const rung = new Set<string>()
  function ring(): void {
    const ended = timers.value.filter(({ leftMs, move }) => leftMs <= 0 && !rung.has(move))
    if (ended.length === 0) return
    for (const { move } of ended) rung.add(move)
    void ringOnce(
      ended.map(({ move, endsAt, words }) => ({
        key: `${figure()} ${move} ${endsAt}`,
        words: `Dry: ${words}`,
      })),
    )
  }
  useIntervalFn(() => {
    clock.value = Date.now()
    ring()
  }, 1000)

  /** A move starts to dry, or starts anew. */
  function start(move: BenchMove): void {
    const timer = {
      move: move.id,
      words: `figure ${move.figure}, ${move.words}`.slice(0, 300),
      endsAt: Math.round(Date.now() + move.dryMin * 60_000),
    }
    rung.delete(move.id)
    clock.value = Date.now()
    set([...running().filter((old) => old.move !== move.id), timer])
  }
  /** Minutes that were left of a timer; nothing when it had run out. */
  function leftOf(id: string): number {
    const timer = running().find(({ move }) => move === id)
    return timer ? Math.max(0, (timer.endsAt - Date.now()) / 60_000) : 0
  }
  return { timers, start, leftOf }
}
