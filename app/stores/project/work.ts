import { failureWords } from '../../words/failure'
import { applyPatches, enablePatches, produceWithPatches } from 'immer'
import type { Draft, Patch } from 'immer'
import { computed, shallowRef, watch } from 'vue'
import { blankFigure, checkChange, differences } from '../../../core'
import type { Figure, FigurePlan, FileIssue, Project, SaidOfFigure } from '../../../core'
import { setLearnt, setOwnPaints, setStrengths, starterIds } from '../paints'
import { shippedDemo } from '../shippedDemo'
import { memoise } from '../memoise'
import { History } from './history'

enablePatches()

/** A copy of plain data without any reactivity. */
export const plain = <T>(data: T): T => JSON.parse(JSON.stringify(data)) as T

/** What stands in for the figure of a commission that has none. */
const nobody = blankFigure('nobody', { name: 'No figure yet' })

/** What is chosen for a figure is its painter's word from then on. */
export function noteSaid(draft: Draft<Figure>, what: SaidOfFigure): void {
  if (!draft.said?.includes(what)) draft.said = [...(draft.said ?? []), what]
}

export type Make = (draft: Draft<Project>) => void

/**
 * The commission as plain data that is replaced with every change, never changed in place, and the one way to change
 * it: what the schema would refuse is not made, so that whatever is stored can be read again.
 */
export function useWork() {
  const project = shallowRef(shippedDemo())
  const history = new History()
  const depth = shallowRef(history.depth)
  /** The last change, or what undo wrote; another with every change. */
  const changed = shallowRef<readonly Patch[]>([])
  /** Why the last change was not made; empty when it was. */
  const refused = shallowRef<readonly FileIssue[]>([])

  const figure = computed<Figure>(
    () => project.value.figures.find(({ id }) => id === project.value.figure) ?? nobody,
  )
  const plan = computed(() => figure.value.plan)
  watch(
    () => project.value.box,
    (box) => setOwnPaints(box ?? []),
    { immediate: true, flush: 'sync' },
  )
  const strengths = memoise(() =>
    Object.fromEntries(
      Object.entries(project.value.bottles ?? {}).flatMap(([id, { strength }]) =>
        strength && strength !== 'hobby' ? [[id, strength] as const] : [],
      ),
    ),
  )
  watch(strengths, setStrengths, { immediate: true, flush: 'sync' })
  const learnt = memoise(() =>
    Object.fromEntries(
      Object.entries(project.value.bottles ?? {}).flatMap(([id, { learnt: layer }]) =>
        layer ? [[id, layer] as const] : [],
      ),
    ),
  )
  watch(learnt, setLearnt, { immediate: true, flush: 'sync' })

  function show(next: Project, patches: readonly Patch[]): void {
    depth.value = history.depth
    project.value = next
    changed.value = [...patches]
  }
  function go(patches: readonly Patch[] | undefined): void {
    if (patches) show(applyPatches(project.value, patches), patches)
  }

  /**
   * Makes a change, unless it would leave something that could not be read again.
   * @param tag changes with the same tag in a row are one step of undo; an empty tag stands by itself.
   * @returns whether it was made; `refused` says why not.
   */
  function change(tag: string, make: Make): boolean {
    let made: readonly [Project, Patch[], Patch[]]
    try {
      made = produceWithPatches(project.value, (draft) => void make(draft))
    } catch (error) {
      // A name that no plain data can have; nothing has changed.
      refused.value = [{ place: '', message: `it cannot be stored (${failureWords(error)})` }]
      return false
    }
    const [next, patches, inverse] = made
    refused.value = []
    if (patches.length === 0) return true
    const touched = patches.map(({ path }) => path)
    const issues = checkChange(next, touched, starterIds)
    refused.value = issues
    if (issues.length > 0) return false
    history.note(patches, inverse, tag, Date.now())
    show(next, patches)
    return true
  }
  const changeFigure = (id: string, tag: string, make: (draft: Draft<Figure>) => void): boolean =>
    change(tag && `${id} ${tag}`, (draft) => {
      const one = draft.figures.find((other) => other.id === id)
      if (one) make(one)
    })
  /** Of the figure that is open. */
  const changeOpen = (tag: string, make: (draft: Draft<Figure>) => void): boolean =>
    changeFigure(figure.value.id, tag, make)
  const changePlan = (tag: string, make: (draft: Draft<FigurePlan>) => void): boolean =>
    changeOpen(tag, ({ plan }) => make(plan))

  return {
    project,
    figure,
    plan,
    depth,
    changed,
    refused,
    change,
    changeFigure,
    changeOpen,
    changePlan,
    undo: () => go(history.undo()),
    redo: () => go(history.redo()),
    /** Another state of the same commission takes the place of this one; undo brings this one back. */
    replace: (next: Project) =>
      change('', (draft) => {
        for (const key of Object.keys(draft)) if (!(key in next)) delete draft[key as 'log']
        Object.assign(draft, next)
      }),
    /** Takes over what another window made of it; that is not this one's to undo. */
    takeOver(next: Project): void {
      const patches = differences(project.value, next)
      if (patches.length === 0) return
      history.giveWay(patches)
      show(applyPatches(project.value, patches), patches)
    },
    /** What was stored is opened; there is nothing to undo yet. */
    restore(stored: Project) {
      history.clear()
      refused.value = []
      project.value = stored
      depth.value = history.depth
    },
  }
}
export type OpenWork = ReturnType<typeof useWork>
