import { defineStore } from 'pinia'
import { computed, markRaw, ref, shallowRef, toRaw, watch } from 'vue'
import type {
  Bottle,
  DropParts,
  Figure,
  FigurePlan,
  FigureBench,
  FigureStack,
  LogEntry,
  KeptPart,
  KeptTone,
  LadderVersion,
  Mood,
  OwnPaint,
  Paint,
  Project,
  StepKey,
  Tone,
} from '../../core'
import { afterTaking } from '../../core'
import { lowTide } from '../../demo/lowTide'
import { History } from './history'
import { allPaints, setOwnPaints, starterIds } from './paints'

/** Mediums, thinners and varnishes have no colour to give. */
const mixes = (kind: Paint['kind']): boolean =>
  kind === undefined || kind === 'paint' || kind === 'translucent' || kind === 'ink'

/** A copy of plain data without any reactivity. */
const plain = <T>(data: T): T => JSON.parse(JSON.stringify(data)) as T

type Limit = 'maxPaints' | 'maxDrops'

/** The commission on the bench and every change that can be made to it. */
export const useProject = defineStore('project', () => {
  const project = ref<Project>(lowTide([...starterIds]))
  const history = new History<Project>()
  const depth = shallowRef(history.depth)
  /** Counts the changes; watching it costs nothing, watching all of a large project does. */
  const changes = shallowRef(0)
  const figure = computed(
    () => project.value.figures.find(({ id }) => id === project.value.figure) as Figure,
  )
  const plan = computed(() => figure.value.plan)
  watch(
    () => project.value.box,
    (box) => setOwnPaints(toRaw(box) ?? []),
    { immediate: true, flush: 'sync' },
  )
  /** Every paint: starters, then the painter's own. */
  const paints = computed(() => markRaw(allPaints()))
  const paintsIn = computed(() => {
    const out = new Set(project.value.out)
    return markRaw(paints.value.filter(({ id, kind }) => !out.has(id) && mixes(kind)))
  })

  /** Entries are only ever added or dropped, so they are read as plain data: there may be thousands. */
  const log = computed<readonly LogEntry[]>(() => toRaw(project.value.log) ?? [])

  function change(tag: string, make: (draft: Project) => void): void {
    history.note(toRaw(project.value), tag, Date.now())
    make(project.value)
    depth.value = history.depth
    changes.value++
  }
  const changePlan = (tag: string, make: (draft: FigurePlan) => void): void =>
    change(`${figure.value.id} ${tag}`, () => make(plan.value))

  function step(state: Project | undefined): void {
    if (state) project.value = state
    depth.value = history.depth
    changes.value++
  }

  return {
    project,
    figure,
    plan,
    paints,
    paintsIn,
    log,
    depth,
    changes,
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
    /** Any settings of the plan at once; what is undefined goes back to the usual. */
    setPlan(made: Partial<FigurePlan>, tag = Object.keys(made).join()) {
      changePlan(tag, (draft) => {
        for (const [name, value] of Object.entries(made))
          if (value === undefined) delete draft[name as keyof FigurePlan]
          else Object.assign(draft, { [name]: plain(value) })
      })
    },
    /** Moves the target of a step; zero everywhere puts it back. */
    moveStep(key: StepKey, by: { L: number; a: number; b: number } | undefined) {
      changePlan(`move ${key}`, (draft) => {
        draft.moved = { ...toRaw(draft.moved), [key]: by && plain(by) }
        if (!by) delete draft.moved[key]
        // A mix that was found again for the new aim.
        delete draft.kept[key]
      })
    },
    /** The stack of coats of this figure. */
    setStack(made: FigureStack | undefined, tag = '') {
      change(tag && `${figure.value.id} ${tag}`, () => {
        figure.value.stack = made && plain(made)
      })
    },
    /** A place of life is painted on this figure, or is not. */
    toggleAccent(key: string) {
      change('', () => {
        const had = figure.value.accents ?? []
        figure.value.accents = had.includes(key) ? had.filter((one) => one !== key) : [...had, key]
      })
    },
    /** Where the painter stands at the bench of this figure, and what a mix took from the bottles. */
    setBench(made: FigureBench, tag = '', taken: readonly DropParts[] = []) {
      change(tag && `${figure.value.id} ${tag}`, (draft) => {
        figure.value.bench = plain(made)
        if (taken.length > 0 && draft.bottles)
          draft.bottles = afterTaking(taken, plain(draft.bottles))
      })
    },
    addToLog(entry: LogEntry) {
      change('', (draft) => (draft.log = [...(toRaw(draft.log) ?? []), plain(entry)]))
    },
    dropFromLog(entryId: string) {
      change('', (draft) => (draft.log = toRaw(draft.log)?.filter((entry) => entry.id !== entryId)))
    },
    /** Puts the ladder by under a name; a name that is taken is replaced. */
    keepVersion(version: LadderVersion) {
      change('', () => {
        const versions = toRaw(figure.value.versions) ?? []
        figure.value.versions = [
          ...versions.filter(({ name }) => name !== version.name),
          plain(version),
        ]
      })
    },
    dropVersion(name: string) {
      change(
        '',
        () =>
          (figure.value.versions = toRaw(figure.value.versions)?.filter(
            (one) => one.name !== name,
          )),
      )
    },
    /** The plan of a version takes the place of this one. */
    takeVersion({ plan: old, steps }: LadderVersion) {
      change('', () => {
        // A bottle that has gone since cannot be mixed from; its step is found anew.
        const known = new Set(allPaints().map(({ id }) => id))
        const whole = steps.filter(({ parts }) => parts.every(({ paint }) => known.has(paint)))
        const kept = Object.fromEntries(whole.map(({ key, parts }) => [key, plain(parts)]))
        figure.value.plan = { ...plain(old), kept }
      })
    },
    setLimit(name: Limit, value: number) {
      changePlan(name, (draft) => (draft[name] = value))
    },
    /** The figure aims at another tone; changes under one tag in a row are one step of undo. */
    setTone(tone: Tone, tag = '') {
      change(tag && `${figure.value.id} tone ${tag}`, () => (figure.value.tone = plain(tone)))
    },
    /** Puts a tone by under a name; a name that is taken is replaced. */
    keepTones(kept: readonly KeptTone[]) {
      change('', (draft) => {
        const names = new Set(kept.map(({ name }) => name))
        const before = (draft.tones ?? []).filter(({ name }) => !names.has(name))
        draft.tones = [...before, ...kept].map(plain)
      })
    },
    dropTone(name: string) {
      change(
        '',
        (draft) => (draft.tones = toRaw(draft.tones)?.filter((kept) => kept.name !== name)),
      )
    },
    /** Puts own paints into the box, with what is known of their bottles; an id that is taken is replaced. */
    addPaints(added: readonly OwnPaint[], bottles: Readonly<Record<string, Bottle>> = {}) {
      change('', (draft) => {
        const ids = new Set(added.map(({ id }) => id))
        draft.box = [
          ...(toRaw(draft.box) ?? []).filter(({ id }) => !ids.has(id)),
          ...added.map(plain),
        ]
        draft.bottles = { ...toRaw(draft.bottles), ...plain(bottles) }
      })
    },
    /** Takes an own paint out of the box and out of every mix that was kept with it. */
    removePaint(id: string) {
      change('', (draft) => {
        draft.box = toRaw(draft.box)?.filter((paint) => paint.id !== id)
        draft.out = draft.out.filter((other) => other !== id)
        delete draft.bottles?.[id]
        for (const { plan } of draft.figures)
          for (const [step, parts] of Object.entries(plan.kept))
            if (parts.some(({ paint }) => paint === id)) delete plan.kept[step as StepKey]
      })
    },
    setBottle(id: string, made: Partial<Bottle>) {
      change(`bottle ${id} ${Object.keys(made).join()}`, (draft) => {
        draft.bottles = { ...toRaw(draft.bottles), [id]: { ...draft.bottles?.[id], ...made } }
      })
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
        if (parts) draft.kept[key] = parts.map(plain)
        else delete draft.kept[key]
      })
    },
  }
})
