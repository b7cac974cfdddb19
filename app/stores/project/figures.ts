import { nextName, secondOf, stepOf, takenFrom, clamp } from '../../../core'
import type { Bottle, Copyable, Figure, FigureGroup, OwnPaint, StoredPuddle } from '../../../core'
import { newId } from '../../vault/newId'
import { plain, noteSaid } from './work'
import type { OpenWork } from './work'

/** Which figures there are, their order and groups, and what one takes over from another. */
export const figureActions = ({ project, change, changeFigure }: OpenWork) => ({
  chooseFigure(id: string) {
    return change('figure', (draft) => {
      if (draft.figures.some((one) => one.id === id)) draft.figure = id
    })
  },
  /** A new figure after the others, or right after one of them; it is opened. */
  addFigure(made: Figure, after?: string, puddles: readonly StoredPuddle[] = []) {
    return change('', (draft) => {
      if (puddles.length > 0) draft.puddles = [...(draft.puddles ?? []), ...plain([...puddles])]
      const at = after === undefined ? -1 : draft.figures.findIndex(({ id }) => id === after)
      draft.figures.splice(at < 0 ? draft.figures.length : at + 1, 0, plain(made))
      draft.figure = made.id
    })
  },
  /** A figure from elsewhere with its puddles, and bottles that come along with it; it is opened. */
  takeFigure(
    made: { figure: Figure; puddles: readonly StoredPuddle[] },
    box: readonly OwnPaint[],
    bottles: Readonly<Record<string, Bottle>>,
  ) {
    return change('', (draft) => {
      if (box.length > 0) {
        draft.box = [...(draft.box ?? []), ...plain([...box])]
        draft.bottles = { ...draft.bottles, ...plain(bottles) }
      }
      draft.puddles = [...(draft.puddles ?? []), ...plain([...made.puddles])]
      draft.figures.push(plain(made.figure))
      draft.figure = made.figure.id
    })
  },
  /** What a figure is called, how large it is, how many of it there are, what group it is in … */
  setFigure(id: string, made: Partial<Omit<Figure, 'id'>>, tag = Object.keys(made).join()) {
    return changeFigure(id, tag, (draft) => {
      for (const [name, value] of Object.entries(made))
        if (value === undefined) delete draft[name as 'group']
        else Object.assign(draft, { [name]: plain(value) })
      // What only comes with another kind was not chosen.
      if (made.tone && !made.kind) noteSaid(draft, 'tone')
    })
  },
  /** Takes a figure away with what was done on it; the log keeps what was written. */
  dropFigure(id: string) {
    return change('', (draft) => {
      const at = draft.figures.findIndex((one) => one.id === id)
      if (at < 0) return
      draft.figures.splice(at, 1)
      draft.done = draft.done?.filter(({ figure }) => figure !== id)
      draft.timers = draft.timers?.filter(({ figure }) => figure !== id)
      draft.mixed = draft.mixed?.filter(({ figure }) => figure !== id)
      draft.puddles = draft.puddles?.filter(({ figure }) => figure !== id)
      for (const { bench } of draft.figures)
        if (bench?.along) bench.along = bench.along.filter((other) => other !== id)
      if (draft.figure !== id) return
      const next = draft.figures[Math.min(at, draft.figures.length - 1)]
      if (next) draft.figure = next.id
      else delete draft.figure
    })
  },
  /** A second figure like one, with its coats and accents or without. */
  doubleFigure(id: string, withCoats: boolean) {
    const source = project.value.figures.find((one) => one.id === id)
    if (!source) return false
    const name = nextName(
      source.name,
      project.value.figures.map((one) => one.name),
    )
    const made = secondOf(source, project.value.puddles ?? [], name, withCoats, newId)
    return this.addFigure(made.figure, id, made.puddles)
  },
  /** Moves a figure to another place in the order. */
  moveFigure(id: string, to: number) {
    return change('', ({ figures }) => {
      const from = figures.findIndex((one) => one.id === id)
      const place = clamp(to, [0, figures.length - 1])
      if (from >= 0 && from !== place) figures.splice(place, 0, ...figures.splice(from, 1))
    })
  },
  /** Others take over from one what is named: paint these like this one. */
  paintLike(sourceId: string, others: readonly string[], what: readonly Copyable[]) {
    const source = project.value.figures.find((one) => one.id === sourceId)
    if (!source) return false
    return change('', (draft) => {
      for (const figure of draft.figures) {
        if (!others.includes(figure.id) || figure.id === sourceId) continue
        const { id } = figure
        const taken = takenFrom(source, plain(draft.puddles ?? []), id, what, newId)
        for (const [key, value] of Object.entries(taken.figure))
          if (value === undefined) delete figure[key as 'group']
          else Object.assign(figure, { [key]: value })
        const steps = what.includes('ladder')
        const ids = new Set(taken.puddles.map((one) => one.id))
        draft.puddles = [
          ...(draft.puddles ?? []).filter(
            (one) => !ids.has(one.id) && !(steps && stepOf(id, one.id) !== undefined),
          ),
          ...taken.puddles,
        ]
      }
    })
  },
  /** A group by its name, made when there is none; no name takes the figure out of its group. */
  setGroup(id: string, name: string) {
    const wanted = name.trim()
    return change('', (draft) => {
      const figure = draft.figures.find((one) => one.id === id)
      if (!figure) return
      if (wanted === '') delete figure.group
      else {
        draft.groups ??= []
        let group: FigureGroup | undefined = draft.groups.find((one) => one.name === wanted)
        if (!group) draft.groups.push((group = { id: newId(), name: wanted }))
        figure.group = group.id
      }
      const used = new Set(draft.figures.map((one) => one.group))
      draft.groups = draft.groups?.filter((one) => used.has(one.id))
    })
  },
  setCommissionName(name: string, tag = 'commission name') {
    return change(tag, (draft) => (draft.name = name.trim()))
  },
})
