import { until } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, shallowRef, watch } from 'vue'
import { asksAbout, hasBegun, methods, reachedFrom, restsOn, stepPuddle } from '../../../core'
import type { Cause, How, MoveOf, Project } from '../../../core'
import { useCoats } from '../coats/coats'
import { useLadder } from '../ladder/ladder'
import type { ShownStep } from '../ladder/shownStep'
import { usePalette } from '../palette/palette'
import { useProject } from '../project/project'
import { laidOf } from './laid'
import type { LaidMove } from './laid'
import { changedMixes, heldMixes } from './mixChange'
import type { MixChange } from './mixChange'

/** What is asked: about mixes that followed, mixes that stayed, moves that were done before their coat was changed. */
export type AskedAbout = Extract<How, 'followed' | 'held' | 'painted'>
export interface RestQuestion {
  about: AskedAbout
  causes: readonly Cause[]
  moves: readonly MoveOf[]
  mixes: readonly MixChange[]
  /** Some of the figure is painted. */
  begun: boolean
  /** Following means that its method is begun anew. */
  anew: boolean
}

/** The open figure as it stood when nothing was sought. */
interface Quiet {
  figure: string
  laid: readonly LaidMove[]
  steps: readonly ShownStep[]
}

/** How it stood, and in which state of the commission. */
interface Stood {
  project: Project
  quiet: Quiet
}

/**
 * What a change means for what is decided on the figure that is open: coats that follow it or stay, moves that were done
 * before. It is asked until it is answered, taken back, or another figure is opened.
 */
export const useRestNotice = defineStore('restNotice', () => {
  const store = useProject()
  const ladder = useLadder()
  const coats = useCoats()
  const wells = usePalette()
  const quiet = computed<Quiet | undefined>(() =>
    ladder.searching || ladder.steps.some(({ made }) => made.length === 0)
      ? undefined
      : { figure: store.figure.id, laid: laidOf(wells.palette), steps: ladder.steps },
  )
  /** As it stood before what is asked about now. */
  const since = shallowRef<Stood>()
  const answered = shallowRef<ReadonlySet<AskedAbout>>(new Set())
  let last: Stood | undefined
  let answering = false
  // After what is sought has begun to be sought: what stands is then of this state, or nothing is quiet.
  watch(quiet, (now) => void (now && (last = { project: store.project, quiet: now })), {
    immediate: true,
    flush: 'post',
  })

  const accountOf = (before: Project) =>
    restsOn(before, store.project).find(({ figure }) => figure === store.figure.id)
  const isMoved = (from: Project, to: Project): boolean =>
    restsOn(from, to).some(({ figure }) => figure === store.figure.id)
  const questions = computed<RestQuestion[]>(() => {
    const asked = since.value
    const account = asked && accountOf(asked.project)
    if (!asked || !account || !quiet.value) return []
    const { causes, rests } = account
    const movesOf = (about: AskedAbout): MoveOf[] =>
      rests.flatMap(({ of, how }) =>
        how === about && of.kind !== 'step' && of.kind !== 'mix' ? [of] : [],
      )
    const moved = changedMixes(asked.quiet.laid, quiet.value.laid)
    const held = heldMixes(rests, store.figure.id, ladder.steps, wells.palette)
    const begun = hasBegun(store.project, store.figure.id)
    const anew = rests.some(({ of, how }) => of.kind === 'mix' && how === 'held')
    const all: RestQuestion[] = [
      { about: 'followed', causes, ...moved, begun, anew: false },
      { about: 'held', causes, moves: movesOf('held'), mixes: held, begun, anew },
      { about: 'painted', causes, moves: movesOf('painted'), mixes: [], begun, anew: false },
    ]
    return all.filter(({ about, mixes }) => {
      if (answered.value.has(about) || !rests.some(({ how }) => how === about)) return false
      return about === 'painted' || mixes.length > 0
    })
  })
  watch(
    () => store.project,
    (after, before) => {
      if (after.id !== before.id || after.figure !== before.figure) since.value = undefined
      if (answering) return
      // What is taken back is not asked about; where an answer was, its question is there again.
      if (store.depth.redo > 0) return void (answered.value = new Set())
      const stoodSo = (one: Stood | undefined): boolean =>
        one?.quiet.figure === before.figure && !isMoved(one!.project, before)
      // What is not answered yet is asked about all that came since.
      if (since.value && !stoodSo(since.value)) {
        const open = answered.value.size === 0 || questions.value.length > 0
        if (open || !stoodSo(last)) return void (answered.value = new Set())
      }
      const from = [since.value, last].find(stoodSo)
      const account = accountOf(before)
      answered.value = new Set()
      since.value = from && account && asksAbout(account) ? { ...from, project: before } : undefined
    },
    { flush: 'sync' },
  )

  /** @param act what the answer changes, which is no change to be asked about. */
  function answer(about: readonly AskedAbout[], act: () => unknown = () => undefined): void {
    answered.value = new Set([...answered.value, ...about])
    answering = true
    act()
    answering = false
  }
  /** Steps that coats are painted with, and what is poured into them, as they were. */
  function keep(): void {
    const asked = since.value
    if (!asked) return
    const { id } = store.figure
    const had = new Map(asked.quiet.steps.map((step) => [stepPuddle(id, step.key), step]))
    const followed = (accountOf(asked.project)?.rests ?? []).flatMap(({ of, how }) =>
      of.kind === 'step' && how === 'followed' ? [{ puddle: stepPuddle(id, of.step) }] : [],
    )
    const wanted = reachedFrom(followed, (puddle) => had.get(puddle)?.made)
    const steps = [...wanted.keys()].flatMap((puddle) => {
      const step = had.get(puddle)
      return step ? [{ key: step.key, parts: step.made }] : []
    })
    answer(['followed'], () => store.keepSteps(id, steps))
  }
  /** What was held is found for what the figure is now; mixes of a method are made anew with it, coats and all. */
  async function follow({ anew }: RestQuestion): Promise<void> {
    const { id } = store.figure
    const letGo = (): boolean => store.letFollow(id)
    const method = methods.find(({ key }) => key === store.figure.stack?.method)
    if (!anew || !method) return answer(['held'], letGo)
    letGo()
    coats.start(method)
    await until(() => coats.beginning).toBe(false)
    if (store.figure.id === id) answer(['held', 'followed'])
  }
  function layAgain({ moves }: RestQuestion): void {
    answer(['painted'], () => store.layAgain(store.figure.id, moves))
  }
  return { questions, beginning: computed(() => coats.beginning), answer, keep, follow, layAgain }
})
