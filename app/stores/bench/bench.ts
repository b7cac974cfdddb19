import { defineStore } from 'pinia'
import { computed, watch } from 'vue'
import {
  habitsFrom,
  mostOf,
  moveKey,
  remainingMoves,
  runSheet,
  smallLadders,
  takenFromBottles,
  zonesOf,
} from '../../../core'
import type {
  BenchMove,
  Figure,
  FigureBench,
  Ingredient,
  PlannedPuddle,
  SheetFigure,
  StackCoat,
} from '../../../core'
import { moveWords } from '../../words/moves'
import type { ScheduleApi } from '../../workers/scheduleWorker'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { useCoats } from '../coats/coats'
import { stackPlanOf } from '../coats/stackPlanOf'
import { zoneNames } from '../palette/zoneNames'
import { useEye } from '../eye/eye'
import { useProject } from '../project/project'
import { useAlongside } from './alongside'
import { useMixing } from './mixing'
import { useTimers } from './timers'

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
  const { palettes } = alongside
  const sheetOf = (figure: Figure, copy: number): SheetFigure => {
    const nameOfZone = zoneNames(figure)
    return {
      id: figure.id,
      copy,
      sizeMm: figure.size.heightMm,
      stack: stackPlanOf(figure),
      accents: (figure.accents ?? []).map(({ place, of }) => ({
        place,
        name: nameOfZone(place),
        ...(of ? { of } : {}),
      })),
      details: (figure.details ?? []).map(({ key }) => ({
        key,
        name: smallLadders.find((one) => one.key === key)?.name ?? key,
      })),
    }
  }
  const figureOf = (id: string): Figure => along.value.find((one) => one.id === id) ?? store.figure
  const chains = computed<BenchMove[][]>(() =>
    [
      ...Array.from({ length: atOnce.value }, (_, n) => sheetOf(store.figure, n + 1)),
      ...along.value.map((figure) => sheetOf(figure, 1)),
    ].map((figure) =>
      runSheet(figure, {
        slower: state.value.slower,
        drying: habits.value.drying,
        wordsOf: (move) =>
          moveWords(
            move,
            zonesOf(figureOf(figure.id).tone),
            (of) => palettes.value.get(figure.id)?.nameOf(of) ?? '…',
          ),
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

  const coatOf = (move: BenchMove): StackCoat | undefined =>
    palettes.value.get(move.figure)?.coatOf(move.of)
  const mixing = useMixing({
    palettes: () => palettes.value,
    moves: () => moves.value,
    toCome: () => toCome.value,
    done: () => doneMoves.value,
  })
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
  function next(): void {
    const one = now.value
    if (!one) return
    const { figure, copy, of } = one.move
    const taken = takenFromBottles(mixedFor(one.move))
    const made = {
      ...{ figure, copy, of, at: Date.now() },
      ...(one.mixes ? { mixed: true } : {}),
      ...(taken.length > 0 ? { taken } : {}),
    }
    store.setDone([...doneMoves.value, made], taken.length > 0 ? [{ parts: taken }] : [])
  }
  /** The last that was done of what is on the bench. */
  const last = computed(() => doneMoves.value.findLast((one) => done.value.has(moveKey(one))))
  function back(): void {
    const one = last.value
    if (!one) return
    const back = (one.taken ?? []).map(({ paint, drops }) => ({ paint, drops: -drops }))
    store.setDone(
      doneMoves.value.filter((other) => other !== one),
      back.length > 0 ? [{ parts: back }] : [],
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
    tolerance: computed(() => state.value.tolerance ?? eye.tolerance ?? TOLERANCE),
    left: computed(() => toCome.value.length),
    now,
    following,
    mixesToCome,
    done,
    last,
    timers,
    figureName,
    palettes,
    mixedFor,
    wellsOf,
    wellOf,
    coatOf,
    next,
    back,
    dry,
    stopTimer,
  }
})
