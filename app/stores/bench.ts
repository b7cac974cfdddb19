import { useIntervalFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { runSheet, schedule, zonesOf } from '../../core'
import type { BenchMove, FigureBench, StackCoat } from '../../core'
import { mixWords, placeWords } from '../parts/coatWords'
import { useCoats } from './coats'
import { useProject } from './project'

/** Mixing a puddle takes so long, and on a wet palette it lasts so long; common practice, no source. */
export const puddleTimes = { mixMin: 3, puddleLifeMin: 90 } as const

/** What is to be done now, what dries, and when it will be finished. */
export const useBench = defineStore('bench', () => {
  const store = useProject()
  const coats = useCoats()
  const state = computed<FigureBench>(() => store.figure.bench ?? { many: 3, done: [], timers: [] })
  const set = (made: Partial<FigureBench>, tag = ''): void =>
    store.setBench({ ...state.value, ...made }, tag)

  const chains = computed<BenchMove[][]>(() => {
    const names = new Map(zonesOf(store.figure.tone).map(({ key, name }) => [key, name]))
    return Array.from({ length: state.value.many }, (_, n) =>
      runSheet(
        {
          id: `${n + 1}`,
          name: store.figure.name,
          sizeMm: store.plan.sizeMm ?? 54,
          stack: coats.plan,
          accents: (store.figure.accents ?? []).map((key) => names.get(key) ?? key),
        },
        {
          slower: state.value.slower,
          wordsOf: ({ mix, place }) => ({
            mix: mixWords(mix),
            place: placeWords(place ?? 'all', coats.zones),
          }),
        },
      ),
    )
  })
  const plan = computed(() => schedule({ chains: chains.value, ...puddleTimes }))
  const done = computed(() => new Set(state.value.done))
  const now = computed(() => plan.value.moves.find(({ move }) => !done.value.has(move.id)))
  const following = computed(() =>
    plan.value.moves.filter(({ move }) => !done.value.has(move.id)).slice(1, 4),
  )
  /** The coat of a move, with its mix. */
  function coatOf(move: BenchMove): StackCoat | undefined {
    const found = /coat (\d+)$/.exec(move.id)
    return found ? coats.stack.coats[Number(found[1])] : undefined
  }

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
    void ring()
  }, 1000)

  const rung = new Set<string>()
  /** One tab rings, whoever holds the lock; the others stay silent. */
  async function ring(): Promise<void> {
    const ended = timers.value.filter(({ leftMs, move }) => leftMs <= 0 && !rung.has(move))
    if (ended.length === 0) return
    for (const { move } of ended) rung.add(move)
    await navigator.locks?.request('cobaltfinch-ring', { ifAvailable: true }, async (lock) => {
      if (!lock) return
      sound()
      if ('Notification' in window && Notification.permission === 'granted')
        for (const { words } of ended) new Notification(`Dry: ${words}`)
      // Others see the lock taken for as long as they look.
      await new Promise((resolve) => setTimeout(resolve, 1500))
    })
  }
  function sound(): void {
    try {
      const audio = new AudioContext()
      const tone = audio.createOscillator()
      const gain = audio.createGain()
      tone.frequency.value = 523
      gain.gain.setValueAtTime(0.08, audio.currentTime)
      gain.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 1.2)
      tone.connect(gain).connect(audio.destination)
      tone.start()
      tone.stop(audio.currentTime + 1.2)
    } catch {
      // No sound here; the timer still shows.
    }
  }

  function next(): void {
    const one = now.value
    if (!one) return
    set({ done: [...state.value.done, one.move.id] })
  }
  function back(): void {
    set({ done: state.value.done.slice(0, -1) })
  }
  /** Drying of the move that was just done, else of the one at hand. */
  function dry(): void {
    const id = state.value.done.at(-1)
    const one = plan.value.moves.find(({ move }) => move.id === id) ?? now.value
    if (!one || one.move.dryMin === 0) return
    const { move } = one
    const timer = {
      move: move.id,
      words: `figure ${move.figure}, ${move.words}`.slice(0, 300),
      endsAt: Math.round(Date.now() + move.dryMin * 60_000),
    }
    rung.delete(move.id)
    clock.value = Date.now()
    set({ timers: [...state.value.timers.filter((old) => old.move !== move.id), timer] })
  }
  const stopTimer = (move: string): void =>
    set({ timers: state.value.timers.filter((one) => one.move !== move) })
  return { state, set, plan, now, following, done, timers, coatOf, next, back, dry, stopTimer }
})
