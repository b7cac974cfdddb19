import { computed } from 'vue'
import { hasBegun, ingredientKey, mostOf, moveKey, takenFromBottles } from '../../../core'
import type {
  BenchMove,
  BottleDrops,
  CoatKind,
  DoneMove,
  FigureBench,
  MixedWell,
  PlannedPuddle,
  ScheduledMove,
} from '../../../core'
import type { FigurePalette } from '../palette/figurePalette'
import { newId } from '../../vault/newId'
import { useProject } from '../project/project'
import type { BenchTurn } from './turns'

/** What is done at the bench: a well mixed or a move laid, the one before taken back, a coat set to dry. */
export function useBenchActs(asked: {
  state: () => FigureBench
  now: () => ScheduledMove | undefined
  moves: () => ReadonlyMap<string, BenchMove>
  /** Every move that is done, and the keys of those that are on the bench. */
  doneMoves: () => readonly DoneMove[]
  done: () => ReadonlySet<string>
  turn: () => BenchTurn | undefined
  /** Wells that were mixed, the last one last. */
  mixed: () => readonly MixedWell[]
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
  /** What its figure is painted with as it begins. */
  const standing = (figure: string) =>
    hasBegun(store.project, figure) ? undefined : asked.palettes().get(figure)?.standing()
  const partsOf = (taken: readonly BottleDrops[]) =>
    taken.length > 0 ? [{ parts: [...taken] }] : []
  /** The turn at hand is done: a well stands mixed, or a move is laid. */
  function next(): void {
    const turn = asked.turn()
    if (!turn) return
    const { figure, copy, of } = turn.move
    const wells = turn.kind === 'mix' ? [turn.well] : asked.mixedFor(turn.move)
    const taken = takenFromBottles([...wells])
    const made = { at: Date.now(), ...(taken.length > 0 ? { taken } : {}) }
    if (turn.kind === 'mix') {
      const one = { id: newId(), figure, well: ingredientKey(turn.well.of), ...made }
      // Of older ones nothing stands open any more.
      const mixed = [...asked.mixed(), one].slice(-mostOf.mixed)
      store.setMixed(mixed, partsOf(taken), standing(figure))
    } else
      store.setDone(
        [
          ...asked.doneMoves(),
          { figure, copy, of, ...made, ...(asked.now()?.mixes ? { mixed: true } : {}) },
        ],
        partsOf(taken),
        standing(figure),
      )
  }
  /** The last that was done of what is on the bench. */
  const last = computed(() => asked.doneMoves().findLast((one) => asked.done().has(moveKey(one))))
  /** … the last well that was mixed, where nothing was laid since. */
  const lastMixed = computed(() => {
    const one = asked.mixed().findLast(({ figure }) => asked.palettes().has(figure))
    return one && one.at >= (last.value?.at ?? -Infinity) ? one : undefined
  })
  function back(): void {
    const one = lastMixed.value ?? last.value
    if (!one) return
    const returned = partsOf(
      (one.taken ?? []).map(({ paint, drops }) => ({ paint, drops: -drops })),
    )
    if (lastMixed.value)
      store.setMixed(
        asked.mixed().filter((other) => other !== one),
        returned,
      )
    else
      store.setDone(
        asked.doneMoves().filter((other) => other !== one),
        returned,
      )
  }
  const canGoBack = computed(() => (lastMixed.value ?? last.value) !== undefined)
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
  return { next, back, canGoBack, dry, stopTimer }
}
