import { defineStore } from 'pinia'
import { computed, watch } from 'vue'
import { ingredientKey, moveKey, remainingMoves, takenFromBottles } from '../../../core'
import type { BenchMove, FigureBench, Ingredient, PlannedPuddle, StackCoat } from '../../../core'
import type { ScheduleApi } from '../../workers/scheduleWorker'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { useCoats } from '../coats/coats'
import { useEye } from '../eye/eye'
import { useLadder } from '../ladder/ladder'
import { useProject } from '../project/project'
import { useBenchActs } from './acts'
import { useAlongside } from './alongside'
import { togetherOf, useChains } from './chains'
import { useMixing } from './mixing'
import { useRotation } from './rotation'
import { useTicks } from './ticks'
import { useTimers } from './timers'
import { useTurns } from './turns'

/** Mixing a puddle takes so long, and on a wet palette it lasts so long; common practice, no source. */
const puddleTimes = { mixMin: 3, puddleLifeMin: 90 } as const

/** Usual until the painter sets one, ΔE00. */
const TOLERANCE = 2

const NOTHING: readonly never[] = []

/** What is to be done now, what dries, and when it will be finished. */
export const useBench = defineStore('bench', () => {
  const store = useProject()
  const eye = useEye()
  const coats = useCoats()
  const ladder = useLadder()
  const state = computed<FigureBench>(() => store.figure.bench ?? {})
  const set = (made: Partial<FigureBench>, tag = ''): boolean => store.setBench(made, tag)
  const doneMoves = computed(() => store.project.done ?? NOTHING)
  const mixed = computed(() => store.project.mixed ?? NOTHING)

  /** How many of the figure go round together. */
  const atOnce = computed(() => togetherOf(store.figure))
  /** Other figures that are painted alongside. */
  const alongside = useAlongside(() => state.value.along ?? NOTHING)
  const along = alongside.figures
  const { palettes } = alongside
  const { habits, chains } = useChains({
    state: () => state.value,
    atOnce: () => atOnce.value,
    along: () => along.value,
    palettes: () => palettes.value,
  })
  const {
    answer: planned,
    trouble,
    ask,
  } = useAnswer((asked: Parameters<ScheduleApi['plan']>[0]) =>
    threads.schedule().plan(asked, chains.value[0] ?? []),
  )
  const request = computed(() => ({
    ...remainingMoves(
      chains.value,
      { done: doneMoves.value, mixed: mixed.value, timers: store.project.timers ?? NOTHING },
      Date.now(),
    ),
    ...puddleTimes,
  }))
  /** Every move, done or not, by its key. */
  const moves = computed(() => new Map(chains.value.flat().map((move) => [move.id, move])))
  const plan = computed(
    () => planned.value?.plan ?? { moves: [], totalMin: 0, idleMin: 0, boundMin: 0, proved: false },
  )
  watch(request, (now) => ask({ ...now, before: plan.value.moves.map(({ move }) => move.id) }), {
    immediate: true,
  })
  const enough = computed(() => planned.value?.enough ?? 1)
  const ready = computed(() => planned.value !== undefined)
  /** Keys of what is done, of the figures that are on the bench. */
  const done = computed(
    () => new Set(doneMoves.value.map(moveKey).filter((key) => moves.value.has(key))),
  )
  const toCome = computed(() => plan.value.moves.filter(({ move }) => !done.value.has(move.id)))
  const now = computed(() => toCome.value[0])
  const following = computed(() => toCome.value.slice(1, 4))
  /** Whose move it is; of several that are alike, which. */
  const figureName = ({ figure, copy }: Pick<BenchMove, 'figure' | 'copy'>): string => {
    const one = store.project.figures.find(({ id }) => id === figure)
    if (!one) return 'A figure that has gone'
    return one.many > 1 ? `${one.name}, ${copy} of ${one.many}` : one.name
  }

  const coatOf = (move: BenchMove): StackCoat | undefined =>
    palettes.value.get(move.figure)?.coatOf(move.of)
  const mixing = useMixing({
    palettes: () => palettes.value,
    moves: () => moves.value,
    toCome: () => toCome.value,
    done: () => doneMoves.value,
    standing: () => {
      const dried = Date.now() - puddleTimes.puddleLifeMin * 60_000
      return new Set(mixed.value.flatMap(({ well, at }) => (at > dried ? well : [])))
    },
  })
  /** Whether what has to be mixed was mixed before: it has dried up since. */
  const mixedBefore = (of: Ingredient): boolean =>
    mixed.value.some(({ well }) => well === ingredientKey(of))
  /** Puddles that are still to be mixed, in their order. */
  const mixesToCome = computed(() =>
    mixing.value.map(({ move, wells }) => ({
      parts: takenFromBottles(wells),
      words: move.words,
    })),
  )

  const { timers, others, start, leftOf } = useTimers(
    () => store.project.timers ?? NOTHING,
    (running) => store.setTimers(running),
    figureName,
  )

  /** What is mixed for a move: its puddles, and those that go into them; nothing where they stand open. */
  const mixedFor = ({ id }: BenchMove) =>
    mixing.value.find(({ move }) => move.id === id)?.wells ?? []
  /** Wells that a move is painted from: as they are mixed now, or as they stand open. */
  function wellsOf(move: BenchMove): PlannedPuddle[] {
    const mixed = mixedFor(move)
    const palette = palettes.value.get(move.figure)
    return mixed.length > 0 || !palette
      ? mixed
      : palette.paintedWith(move.of).flatMap((of) => palette.plannedOf(of) ?? [])
  }
  /** What is written down of a move: the one well it is painted from, of three the middle. */
  function wellOf(move: BenchMove): Ingredient | undefined {
    const all = palettes.value.get(move.figure)?.paintedWith(move.of) ?? []
    return all[move.of.kind === 'detail' ? 1 : 0]
  }
  const { turn, left } = useTurns({
    now: () => now.value,
    toCome: () => toCome.value,
    mixedFor,
    palettes: () => palettes.value,
    sought: (figure) =>
      figure === store.figure.id
        ? ladder.searching
        : !palettes.value.has(figure) && !alongside.trouble.value,
  })
  const { ticked, tick } = useTicks(() =>
    turn.value?.kind === 'mix' ? `drops in ${store.project.id} ${turn.value.id}` : '',
  )
  const rotation = useRotation({
    chains: () => chains.value,
    toCome: () => toCome.value,
    done: () => doneMoves.value,
    timers: () => store.project.timers ?? NOTHING,
    figureOf: (id) => store.project.figures.find((one) => one.id === id),
  })
  const { next, back, canGoBack, dry, stopTimer } = useBenchActs({
    turn: () => turn.value,
    mixed: () => mixed.value,
    state: () => state.value,
    now: () => now.value,
    moves: () => moves.value,
    doneMoves: () => doneMoves.value,
    done: () => done.value,
    mixedFor,
    palettes: () => palettes.value,
    kindOf: (move) => coatOf(move)?.kind,
    timers: { start, others, leftOf },
  })
  return {
    state,
    set,
    atOnce,
    plan,
    ready,
    trouble: computed(() => trouble.value || alongside.trouble.value || coats.trouble),
    enough,
    along,
    habits,
    tolerance: computed(() => state.value.tolerance ?? eye.tolerance ?? TOLERANCE),
    left,
    now,
    turn,
    ticked: computed(() => ticked.value),
    tick,
    rotation,
    following,
    mixesToCome,
    done,
    canGoBack,
    timers,
    figureName,
    palettes,
    mixedFor,
    mixedBefore,
    wellsOf,
    wellOf,
    coatOf,
    next,
    back,
    dry,
    stopTimer,
  }
})
