import { wrap } from 'comlink'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, toRaw, watch } from 'vue'
import { habitsFrom, remainingMoves, runSheet, zonesOf } from '../../../core'
import type { BenchMove, Figure, FigureBench, SheetFigure, StackCoat } from '../../../core'
import { mixWords, placeWords } from '../../parts/coatWords'
import { latestOnly } from '../../workers/latestOnly'
import type { ScheduleApi } from '../../workers/scheduleWorker'
import { useAccents } from '../accents'
import { stackPlanOf, useCoats } from '../coats'
import { glazeCoat } from '../glazes'
import { useProject } from '../project'
import { useAlongside } from './alongside'
import { useTimers } from './timers'

/** Mixing a puddle takes so long, and on a wet palette it lasts so long; common practice, no source. */
const puddleTimes = { mixMin: 3, puddleLifeMin: 90 } as const

/** Usual until the painter sets one, ΔE00. */
const TOLERANCE = 2

type Planned = Awaited<ReturnType<ScheduleApi['plan']>>

/** What is to be done now, what dries, and when it will be finished. */
export const useBench = defineStore('bench', () => {
  const store = useProject()
  const coats = useCoats()
  const accents = useAccents()
  const state = computed<FigureBench>(() => store.figure.bench ?? { many: 3, done: [], timers: [] })
  const set = (made: Partial<FigureBench>, tag = ''): void =>
    store.setBench({ ...state.value, ...made }, tag)

  /** Other figures that are painted alongside. */
  const alongside = useAlongside(() => state.value.along ?? [])
  const along = alongside.figures
  const habits = computed(() => habitsFrom(store.log, state.value.dried ?? []))
  const sheetOf = (figure: Figure, id: string): SheetFigure => {
    const names = new Map(zonesOf(figure.tone).map(({ key, name }) => [key, name]))
    return {
      id,
      like: figure.id,
      name: figure.name,
      sizeMm: figure.plan.sizeMm ?? 54,
      stack: stackPlanOf(figure),
      accents: (figure.accents ?? []).map((key) => names.get(key) ?? key),
    }
  }
  const chains = computed<BenchMove[][]>(() =>
    [
      ...Array.from({ length: state.value.many }, (_, n) => sheetOf(store.figure, `${n + 1}`)),
      ...along.value.map((figure) => sheetOf(figure, figure.id)),
    ].map((figure) =>
      runSheet(figure, {
        slower: state.value.slower,
        drying: habits.value.drying,
        wordsOf: ({ mix, place }) => ({
          mix: mixWords(mix),
          place: placeWords(place ?? 'all', coats.zones),
        }),
      }),
    ),
  )
  const worker = wrap<ScheduleApi>(
    new Worker(new URL('../../workers/scheduleWorker.ts', import.meta.url), { type: 'module' }),
  )
  const planned = shallowRef<Planned>()
  const trouble = ref('')
  const ask = latestOnly(
    (request: Parameters<ScheduleApi['plan']>[0]) => worker.plan(request, chains.value[0] ?? []),
    (found) => {
      planned.value = found
      trouble.value = ''
    },
    (error) => (trouble.value = (error as Error).message),
  )
  const request = computed(() => ({
    ...remainingMoves(chains.value, toRaw(state.value), Date.now()),
    ...puddleTimes,
  }))
  watch(request, (now) => ask(now), { immediate: true })
  /** Every move, done or not, by id. */
  const moves = computed(() => new Map(chains.value.flat().map((move) => [move.id, move])))
  const plan = computed(
    () => planned.value?.plan ?? { moves: [], totalMin: 0, idleMin: 0, boundMin: 0, proved: false },
  )
  const enough = computed(() => planned.value?.enough ?? 1)
  const ready = computed(() => planned.value !== undefined)
  const done = computed(() => new Set(state.value.done))
  const toCome = computed(() => plan.value.moves.filter(({ move }) => !done.value.has(move.id)))
  const now = computed(() => toCome.value[0])
  const following = computed(() => toCome.value.slice(1, 4))
  const nameOf = (figure: string): string =>
    store.project.figures.find(({ id }) => id === figure)?.name ?? `Figure ${figure}`

  /** The coat of a move with its mix, once that is found. */
  function coatOf(move: BenchMove): StackCoat | undefined {
    const at = /coat (\d+)$/.exec(move.id)?.[1]
    const glaze = /accent (.+)$/.exec(move.id)?.[1]
    if (along.value.some(({ id }) => id === move.figure)) {
      const other = alongside.mixed.value.get(move.figure)
      return at ? other?.stack.coats[Number(at)] : other?.glazes.get(glaze ?? '')
    }
    if (at) return coats.trouble ? undefined : coats.stack.coats[Number(at)]
    const zone = accents.zones.find(({ name }) => name === glaze)
    const found = zone && accents.found.get(zone.key)
    return found && glazeCoat(found)
  }
  const partsOf = (move: BenchMove) =>
    (coatOf(move)?.parts ?? []).map(({ paint, drops }) => ({ paint: paint.id, drops }))
  /** Puddles that are still to be mixed, in their order. */
  const mixesToCome = computed(() =>
    toCome.value.flatMap(({ move, mixes }) =>
      mixes ? [{ parts: partsOf(move), words: move.words }] : [],
    ),
  )

  const { timers, start, leftOf } = useTimers(
    () => state.value.timers,
    (timers) => set({ timers }),
    () => store.figure.id,
  )

  /** What a move took from the bottles when it mixed, or what comes back to them. */
  const taken = (id: string, sign: 1 | -1) => {
    const move = moves.value.get(id)
    if (!move) return []
    const parts = partsOf(move).map(({ paint, drops }) => ({ paint, drops: sign * drops }))
    return [{ parts }]
  }
  function next(): void {
    const one = now.value
    if (!one) return
    const { id } = one.move
    const { done, doneAt = [], mixed = [] } = state.value
    const made = {
      ...state.value,
      done: [...done, id],
      doneAt: [...done.map((_, i) => doneAt[i] ?? 0), Date.now()],
      mixed: one.mixes ? [...mixed, id] : [...mixed],
    }
    store.setBench(made, '', one.mixes ? taken(id, 1) : [])
  }
  function back(): void {
    const { done, doneAt = [], mixed = [] } = state.value
    const last = done.at(-1)
    if (last === undefined) return
    const made = {
      ...state.value,
      done: done.slice(0, -1),
      doneAt: doneAt.slice(0, done.length - 1),
      mixed: mixed.filter((id) => id !== last),
    }
    store.setBench(made, '', mixed.includes(last) ? taken(last, -1) : [])
  }
  /** Drying of the move that was just done, else of the one at hand. */
  function dry(): void {
    const id = state.value.done.at(-1)
    const move = (id === undefined ? undefined : moves.value.get(id)) ?? now.value?.move
    if (!move || move.dryMin === 0) return
    start(move)
  }
  /** A timer is taken away; one that still ran says that this coat dries sooner here. */
  function stopTimer(id: string): void {
    const move = moves.value.get(id)
    const kind = move && coatOf(move)?.kind
    const timers = state.value.timers.filter((one) => one.move !== id)
    const left = leftOf(id)
    if (!move || !kind || left <= 0) return set({ timers })
    const tookMin = Math.max(0, move.dryMin - left)
    const dried = [...(toRaw(state.value.dried) ?? []), { kind, reckonedMin: move.dryMin, tookMin }]
    set({ timers, dried: dried.slice(-300) })
  }
  return {
    state,
    set,
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
    timers,
    nameOf,
    coatOf,
    next,
    back,
    dry,
    stopTimer,
  }
})
