import { defineStore } from 'pinia'
import { computed, ref, shallowRef, toRaw } from 'vue'
import { starterPaints } from '../../core'
import type {
  Figure,
  FigurePlan,
  KeptPart,
  KeptTone,
  Mood,
  Paint,
  Project,
  StepKey,
  Tone,
} from '../../core'
import { lowTide } from '../../demo/lowTide'
import { History } from './history'

/** The box by id; paints are large and never change, so they stay out of reactivity. */
const byId = new Map<string, Paint>(starterPaints.map((paint) => [paint.id, paint]))
export const paintIds: ReadonlySet<string> = new Set(byId.keys())

export function paintOf(id: string): Paint {
  const paint = byId.get(id)
  if (!paint) throw new RangeError(`there is no paint "${id}" in the box`)
  return paint
}

type Limit = 'maxPaints' | 'maxDrops'

/** The commission on the bench and every change that can be made to it. */
export const useProject = defineStore('project', () => {
  const project = ref<Project>(lowTide([...paintIds]))
  const history = new History<Project>()
  const depth = shallowRef(history.depth)
  const figure = computed(
    () => project.value.figures.find(({ id }) => id === project.value.figure) as Figure,
  )
  const plan = computed(() => figure.value.plan)
  const paintsIn = computed(() => {
    const out = new Set(project.value.out)
    return starterPaints.filter(({ id }) => !out.has(id))
  })

  function change(tag: string, make: (draft: Project) => void): void {
    history.note(toRaw(project.value), tag, Date.now())
    make(project.value)
    depth.value = history.depth
  }
  const changePlan = (tag: string, make: (draft: FigurePlan) => void): void =>
    change(`${figure.value.id} ${tag}`, () => make(plan.value))

  function step(state: Project | undefined): void {
    if (state) project.value = state
    depth.value = history.depth
  }

  return {
    project,
    figure,
    plan,
    paintsIn,
    depth,
    undo: () => step(history.undo(toRaw(project.value))),
    redo: () => step(history.redo(toRaw(project.value))),
    /** Another project takes the place of this one; undo brings this one back. */
    replace(next: Project) {
      change('', () => (project.value = next))
    },
    /** What was stored takes over at the start; there is nothing to undo yet. */
    restore(stored: Project) {
      project.value = stored
    },
    chooseFigure(id: string) {
      change('figure', (draft) => (draft.figure = id))
    },
    setMood<K extends keyof Mood>(name: K, value: Mood[K]) {
      changePlan(name, (draft) => Object.assign(draft, { [name]: value }))
    },
    setLimit(name: Limit, value: number) {
      changePlan(name, (draft) => (draft[name] = value))
    },
    /** The figure aims at another tone; changes under one tag in a row are one step of undo. */
    setTone(tone: Tone, tag = '') {
      change(tag && `${figure.value.id} tone ${tag}`, () => (figure.value.tone = tone))
    },
    /** Puts a tone by under a name; a name that is taken is replaced. */
    keepTones(kept: readonly KeptTone[]) {
      change('', (draft) => {
        const names = new Set(kept.map(({ name }) => name))
        const before = (draft.tones ?? []).filter(({ name }) => !names.has(name))
        draft.tones = [...before, ...kept].map((one) => JSON.parse(JSON.stringify(one)) as KeptTone)
      })
    },
    dropTone(name: string) {
      change('', (draft) => (draft.tones = draft.tones?.filter((kept) => kept.name !== name)))
    },
    setPaintIn(id: string, isIn: boolean) {
      change('', (draft) => {
        draft.out = draft.out.filter((other) => other !== id)
        if (!isIn) draft.out.push(id)
      })
    },
    /** Keeps a mix for a step, whatever the search would find; no parts lets it be found again. */
    keep(key: StepKey, parts: KeptPart[] | undefined, tag = '') {
      changePlan(tag && `${tag} ${key}`, (draft) => {
        if (parts) draft.kept[key] = parts
        else delete draft.kept[key]
      })
    },
  }
})
