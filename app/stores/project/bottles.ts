import { asOneBottle, isBottle, stepOf } from '../../../core'
import type { Bottle, Figure, LearntOfBottle, OwnPaint, Project } from '../../../core'
import type { Draft } from 'immer'
import { starterIds } from '../paints'
import { isOwnedIn } from './bottlesFor'
import { plain } from './work'
import type { OpenWork } from './work'

/** A list with an id in it or without it. */
const withId = (list: readonly string[] | undefined, id: string, wanted: boolean): string[] => {
  const others = (list ?? []).filter((other) => other !== id)
  return wanted ? [...others, id] : others
}

function setFor(figure: Draft<Figure>, id: string, inCommission: boolean, isIn: boolean): void {
  const more = withId(figure.bottles?.more, id, isIn && !inCommission)
  const without = withId(figure.bottles?.without, id, !isIn && inCommission)
  if (more.length + without.length === 0) delete figure.bottles
  else figure.bottles = { more, without }
}

/** Which bottles there are, which take part, and what is known of each. */
export const bottleActions = ({ change, figure }: OpenWork) => ({
  /**
   * Puts own paints into the box, with what is known of their bottles; an id that is taken is replaced. An id that a
   * starter paint has cannot be an own paint's: such a paint gets one of its own.
   */
  addPaints(added: readonly OwnPaint[], bottles: Readonly<Record<string, Bottle>> = {}) {
    return change('', (draft) => {
      const renamed = (id: string): string => {
        if (!starterIds.has(id)) return id
        const taken = (next: string) => draft.box?.some((one) => one.id === next)
        let n = 1
        const made = () => `own-${id}${n > 1 ? `-${n}` : ''}`.slice(0, 80)
        while (taken(made()) && !added.some((one) => one.id === id)) n++
        return made()
      }
      const records = plain([...added]).map((one) => ({ ...one, id: renamed(one.id) }))
      const ids = new Set(records.map(({ id }) => id))
      draft.box = [...(draft.box ?? []).filter(({ id }) => !ids.has(id)), ...records]
      const known = Object.entries(bottles).map(
        ([id, bottle]) => [added.some((one) => one.id === id) ? renamed(id) : id, bottle] as const,
      )
      draft.bottles = { ...draft.bottles, ...plain(Object.fromEntries(known)) }
    })
  },
  /** The few bottles on the table; nothing puts all that are in on it. */
  setTable(ids: readonly string[] | undefined) {
    return change('palette', (draft) => {
      if (ids === undefined) delete draft.palette
      else draft.palette = [...ids]
    })
  },
  /** Takes an own paint out of the box; steps that were kept with it are found anew. */
  removePaint(id: string) {
    return change('', (draft) => {
      draft.box = draft.box?.filter((paint) => paint.id !== id)
      draft.out = draft.out.filter((other) => other !== id)
      draft.palette = draft.palette?.filter((other) => other !== id)
      if (draft.bottles) delete draft.bottles[id]
      for (const one of draft.figures) {
        if (one.bottles) setFor(one, id, true, true)
      }
      // A step is found anew; a mix of the painter's own stays, and says what it lacks.
      draft.puddles = draft.puddles?.filter(
        ({ id: puddle, figure, parts }) =>
          figure === undefined ||
          stepOf(figure, puddle) === undefined ||
          !parts.some(({ of }) => isBottle(of) && of.bottle === id),
      )
    })
  },
  setBottle(id: string, made: Partial<Bottle>, tag = `bottle ${id} ${Object.keys(made).join()}`) {
    return change(tag, (draft) => {
      const bottles = (draft.bottles ??= {})
      const bottle: Bottle = { ...bottles[id], ...made }
      for (const key of Object.keys(made) as (keyof Bottle)[])
        if (made[key] === undefined) delete bottle[key]
      bottles[id] = bottle
    })
  },
  /** What readings taught of bottles lies over what they were told to be, from now on in every mix; one change. */
  learn(layers: Readonly<Record<string, LearntOfBottle>>) {
    return change('', (draft) => {
      const bottles = (draft.bottles ??= {})
      for (const [id, learnt] of Object.entries(layers))
        bottles[id] = { ...bottles[id], learnt: plain(learnt) }
    })
  },
  /** Bottles are again what they were told to be. */
  unlearn(ids: readonly string[]) {
    return change('', (draft) => {
      for (const id of ids) delete draft.bottles?.[id]?.learnt
    })
  },
  /** A paint that stands beside a bottle as what was learnt of it becomes a layer over that bottle. */
  makeOneBottle(own: string) {
    return change('', (draft) => {
      Object.assign(draft, asOneBottle(plain(draft as Project), own))
    })
  },
  /** A bottle takes part in every plan of the commission, or in none. */
  setPaintIn(id: string, isIn: boolean) {
    return change('', (draft) => {
      draft.out = withId(draft.out, id, !isIn)
      // What a figure had said of it is said for all now.
      for (const one of draft.figures) if (one.bottles) setFor(one, id, isIn, isIn)
    })
  },
  /** The figure that is open has a bottle, or does without it; the others stay as they are. */
  setPaintInHere(id: string, isIn: boolean) {
    return change('', (draft) => {
      const open = draft.figures.find((one) => one.id === figure.value.id)
      if (open) setFor(open, id, !draft.out.includes(id), isIn)
    })
  },
  /** The figure that is open has these bottles; where only owned ones count they are marked as owned. One change. */
  putInHere(ids: readonly string[]) {
    return change('', (draft) => {
      const open = draft.figures.find((one) => one.id === figure.value.id)
      for (const id of ids) {
        if (draft.ownedOnly && !isOwnedIn(draft, id))
          (draft.bottles ??= {})[id] = { ...draft.bottles[id], owned: true }
        if (open) setFor(open, id, !draft.out.includes(id), true)
      }
    })
  },
  setOwnedOnly(only: boolean) {
    return change('', (draft) => {
      if (only) draft.ownedOnly = true
      else delete draft.ownedOnly
    })
  },
})
