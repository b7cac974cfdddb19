import { computed } from 'vue'
import { hasBegun, mostOf, moveKey, takenFromBottles } from '../../../core'
import type {
  BenchMove,
  CoatKind,
  DoneMove,
  FigureBench,
  PlannedPuddle,
  ScheduledMove,
} from '../../../core'
import type { FigurePalette } from '../palette/figurePalette'
import { useProject } from '../project/project'

/** What is done at the bench: a move, the one before taken back, a coat set to dry. */
export function useBenchActs(asked: {
  state: () => FigureBench
  now: () => ScheduledMove | undefined
  moves: () => ReadonlyMap<string, BenchMove>
  /** Every move that is done, and the keys of those that are on the bench. */
  doneMoves: () => readonly DoneMove[]
  done: () => ReadonlySet<string>
  mixedFor: (move: BenchMove) => readonly PlannedPuddle[]
  palettes: () => ReadonlyMap<string, FigurePalette>
  kindOf: (move: BenchMove) => CoatKind | undefined
  timers: {
    start: (move: BenchMove) => void
    others: (key: string) => Parameters<ReturnType<typeof useProject>['setTimers']>[0]
    leftOf: (key: string) => number
  }
}) {
  const store = useProject()
  function next(): void {
    const one = asked.now()
    if (!one) return
    const { figure, copy, of } = one.move
    const taken = takenFromBottles([...asked.mixedFor(one.move)])
    const made = {
      ...{ figure, copy, of, at: Date.now() },
      ...(one.mixes ? { mixed: true } : {}),
      ...(taken.length > 0 ? { taken } : {}),
    }
    store.setDone(
      [...asked.doneMoves(), made],
      taken.length > 0 ? [{ parts: taken }] : [],
      hasBegun(store.project, figure) ? undefined : asked.palettes().get(figure)?.standing(),
    )
  }
  /** The last that was done of what is on the bench. */
  const last = computed(() => asked.doneMoves().findLast((one) => asked.done().has(moveKey(one))))
  function back(): void {
    const one = last.value
    if (!one) return
    const back = (one.taken ?? []).map(({ paint, drops }) => ({ paint, drops: -drops }))
    store.setDone(
      asked.doneMoves().filter((other) => other !== one),
      back.length > 0 ? [{ parts: back }] : [],
    )
  }
  /** Drying of the move that was just done, else of the one at hand. */
  function dry(): void {
    const move = (last.value && asked.moves().get(moveKey(last.value))) ?? asked.now()?.move
    if (!move || move.dryMin === 0) return
    asked.timers.start(move)
  }
  /** A timer is taken away; one that still ran says that this coat dries sooner here. */
  function stopTimer(key: string): void {
    const move = asked.moves().get(key)
    const kind = move && asked.kindOf(move)
    const left = asked.timers.leftOf(key)
    if (!move || !kind || left <= 0) return void store.setTimers(asked.timers.others(key))
    const tookMin = Math.max(0, move.dryMin - left)
    const dried = [...(asked.state().dried ?? []), { kind, reckonedMin: move.dryMin, tookMin }]
    store.setTimers(asked.timers.others(key), dried.slice(-mostOf.dried))
  }
  return { last, next, back, dry, stopTimer }
}
