import { defineStore } from 'pinia'
import { computed, watch } from 'vue'
import { habitsFrom, moveKey, mostOf, remainingMoves, runSheet, zonesOf } from '../../../core'
import type { BenchMove, Figure, FigureBench, SheetFigure } from '../../../core'
import { moveWords } from '../../words/moves'
import type { ScheduleApi } from '../../workers/scheduleWorker'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { stackPlanOf, useCoats } from '../coats'
import { nameOf } from '../paints'
import { useProject } from '../project/project'
import { useAlongside } from './alongside'
import { useCoatOf } from './coatOf'
import { useTimers } from './timers'

/** Mixing a puddle takes so long, and on a wet palette it lasts so long; common practice, no source. */
const puddleTimes = { mixMin: 3, puddleLifeMin: 90 } as const

/** Usual until the painter sets one, ΔE00. */
const TOLERANCE = 2

const NOTHING: readonly never[] = []

/** What is to be done now, what dries, and when it will be finished. */
export const useBench = defineStore('bench', () => {
  const store = useProject()
  const coats = useCoats()
  const state = computed<FigureBench>(() => store.figure.bench ?? {})
  const set = (made: Partial<FigureBench>, tag = ''): boolean => store.setBench(made, tag)
  const doneMoves = computed(() => store.project.done ?? NOTHING)

  /** How many of the figure go round together. */
  const atOnce = computed(() =>
    Math.min(store.figure.many, state.value.atOnce ?? mostOf.atOnce, mostOf.atOnce),
  )
  /** Other figures that are painted alongside. */
  const alongside = useAlongside(() => state.value.along ?? NOTHING)
  const along = alongside.figures
  const habits = computed(() => habitsFrom(store.log, state.value.dried ?? NOTHING))
  const sheetOf = (figure: Figure, copy: number): SheetFigure => {
    const names = new Map(zonesOf(figure.tone).map(({ key, name }) => [key, name]))
    return {
      id: figure.id,
      copy,
      sizeMm: figure.size.heightMm,
      stack: stackPlanOf(figure),
      accents: (figure.accents ?? []).map(({ place }) => ({
        place,
        name: names.get(place) ?? place,
      })),
    }
  }
  const chains = computed<BenchMove[][]>(() =>
    [
      ...Array.from({ length: atOnce.value }, (_, n) => sheetOf(store.figure, n + 1)),
      ...along.value.map((figure) => sheetOf(figure, 1)),
    ].map((figure) =>
      runSheet(figure, {
        slower: state.value.slower,
        drying: habits.value.drying,
        wordsOf: (move) => moveWords(move, coats.zones, nameOf),
      }),
    ),
  )
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
      { done: doneMoves.value, timers: store.project.timers ?? NOTHING },
      Date.now(),
    ),
    ...puddleTimes,
  }))
  watch(request, (now) => ask(now), { immediate: true })
  /** Every move, done or not, by its key. */
  const moves = computed(() => new Map(chains.value.flat().map((move) => [move.id, move])))
  const plan = computed(
    () => planned.value?.plan ?? { moves: [], totalMin: 0, idleMin: 0, boundMin: 0, proved: false },
  )
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

  const coatOf = useCoatOf(alongside)
  const partsOf = (move: BenchMove) =>
    (coatOf(move)?.parts ?? []).map(({ paint, drops }) => ({ paint: paint.id, drops }))
  /** Puddles that are still to be mixed, in their order. */
  const mixesToCome = computed(() =>
    toCome.value.flatMap(({ move, mixes }) =>
      mixes ? [{ parts: partsOf(move), words: move.words }] : [],
    ),
  )

  const { timers, others, start, leftOf } = useTimers(
    () => store.project.timers ?? NOTHING,
    (running) => store.setTimers(running),
    figureName,
  )

  /** What a move took from the bottles when it mixed, or what comes back to them. */
  const taken = (move: BenchMove, sign: 1 | -1) => {
    const parts = partsOf(move).map(({ paint, drops }) => ({ paint, drops: sign * drops }))
    return [{ parts }]
  }
  function next(): void {
    const one = now.value
    if (!one) return
    const { figure, copy, of } = one.move
    const made = { figure, copy, of, at: Date.now(), ...(one.mixes ? { mixed: true } : {}) }
    store.setDone([...doneMoves.value, made], one.mixes ? taken(one.move, 1) : [])
  }
  /** The last that was done of what is on the bench. */
  const last = computed(() => doneMoves.value.findLast((one) => done.value.has(moveKey(one))))
  function back(): void {
    const one = last.value
    if (!one) return
    const move = moves.value.get(moveKey(one))
    store.setDone(
      doneMoves.value.filter((other) => other !== one),
      one.mixed && move ? taken(move, -1) : [],
    )
  }
  /** Drying of the move that was just done, else of the one at hand. */
  function dry(): void {
    const move = (last.value && moves.value.get(moveKey(last.value))) ?? now.value?.move
    if (!move || move.dryMin === 0) return
    start(move)
  }
  /** A timer is taken away; one that still ran says that this coat dries sooner here. */
  function stopTimer(key: string): void {
    const move = moves.value.get(key)
    const kind = move && coatOf(move)?.kind
    const left = leftOf(key)
    if (!move || !kind || left <= 0) return void store.setTimers(others(key))
    const tookMin = Math.max(0, move.dryMin - left)
    const dried = [...(state.value.dried ?? []), { kind, reckonedMin: move.dryMin, tookMin }]
    store.setTimers(others(key), dried.slice(-mostOf.dried))
  }
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
    tolerance: computed(() => state.value.tolerance ?? TOLERANCE),
    left: computed(() => toCome.value.length),
    now,
    following,
    mixesToCome,
    done,
    last,
    timers,
    figureName,
    coatOf,
    next,
    back,
    dry,
    stopTimer,
  }
})
