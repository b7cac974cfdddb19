import { useIntervalFn } from '@vueuse/core'
import { wrap } from 'comlink'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, toRaw, watch } from 'vue'
import { coatKinds, habitsFrom, remainingMoves, runSheet, zonesOf } from '../../core'
import type { BenchMove, Figure, FigureBench, SheetFigure, StackCoat } from '../../core'
import { mixWords, placeWords } from '../parts/coatWords'
import { latestOnly } from '../workers/latestOnly'
import type { ScheduleApi } from '../workers/scheduleWorker'
import { useAccents } from './accents'
import { stackPlanOf, useCoats } from './coats'
import { paintOf } from './paints'
import { useProject } from './project'
import { ringOnce } from './ring'

/** Mixing a puddle takes so long, and on a wet palette it lasts so long; common practice, no source. */
export const puddleTimes = { mixMin: 3, puddleLifeMin: 90 } as const

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
  const along = computed(() =>
    (state.value.along ?? []).flatMap(
      (id) => store.project.figures.find((one) => one.id === id && id !== store.figure.id) ?? [],
    ),
  )
  const habits = computed(() => habitsFrom(store.project.log ?? [], state.value.dried ?? []))
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
    new Worker(new URL('../workers/scheduleWorker.ts', import.meta.url), { type: 'module' }),
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

  /** The coat of a move with its mix; of another figure only where its mix is one of its own. */
  function coatOf(move: BenchMove): StackCoat | undefined {
    const glaze = /accent (.+)$/.exec(move.id)
    const at = /coat (\d+)$/.exec(move.id)
    const other = along.value.find(({ id }) => id === move.figure)
    if (glaze && !other) {
      const zone = accents.zones.find(({ name }) => name === glaze[1])
      const found = zone && accents.found.get(zone.key)
      return found && found.passes > 0
        ? {
            kind: 'glaze',
            thinner: found.ratio,
            passes: found.passes,
            place: 'all',
            parts: found.parts.map(({ paint, drops }) => ({ paint: paintOf(paint), drops })),
          }
        : undefined
    }
    if (!at) return undefined
    if (!other) return coats.trouble ? undefined : coats.stack.coats[Number(at[1])]
    const coat = stackPlanOf(other).coats[Number(at[1])]
    if (!coat || typeof coat.mix === 'string') return undefined
    return {
      kind: coat.kind,
      thinner: coat.thinner ?? coatKinds[coat.kind].thinner,
      passes: coat.passes ?? 1,
      place: coat.place ?? 'all',
      parts: coat.mix.map(([id, drops]) => ({ paint: paintOf(id), drops })),
    }
  }
  const partsOf = (move: BenchMove) =>
    (coatOf(move)?.parts ?? []).map(({ paint, drops }) => ({ paint: paint.id, drops }))
  /** Puddles that are still to be mixed, in their order. */
  const mixesToCome = computed(() =>
    toCome.value.flatMap(({ move, mixes }) =>
      mixes ? [{ parts: partsOf(move), words: move.words }] : [],
    ),
  )

  /** Seconds matter to a timer; time is the clock's, so a reload or a sleeping tablet loses nothing. */
  const clock = ref(Date.now())
  const timers = computed(() =>
    state.value.timers.map((timer) => ({
      ...timer,
      leftMs: timer.endsAt - clock.value,
    })),
  )
  useIntervalFn(() => {
    clock.value = Date.now()
    ring()
  }, 1000)

  const rung = new Set<string>()
  function ring(): void {
    const ended = timers.value.filter(({ leftMs, move }) => leftMs <= 0 && !rung.has(move))
    if (ended.length === 0) return
    for (const { move } of ended) rung.add(move)
    void ringOnce(
      ended.map(({ move, endsAt, words }) => ({
        key: `${store.figure.id} ${move} ${endsAt}`,
        words: `Dry: ${words}`,
      })),
    )
  }

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
    const timer = {
      move: move.id,
      words: `figure ${move.figure}, ${move.words}`.slice(0, 300),
      endsAt: Math.round(Date.now() + move.dryMin * 60_000),
    }
    rung.delete(move.id)
    clock.value = Date.now()
    set({ timers: [...state.value.timers.filter((old) => old.move !== move.id), timer] })
  }
  /** A timer is taken away; one that still ran says that this coat dries sooner here. */
  function stopTimer(id: string): void {
    const timer = state.value.timers.find((one) => one.move === id)
    const move = moves.value.get(id)
    const kind = move && coatOf(move)?.kind
    const timers = state.value.timers.filter((one) => one.move !== id)
    const left = timer ? (timer.endsAt - Date.now()) / 60_000 : 0
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
    trouble,
    enough,
    along,
    habits,
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
