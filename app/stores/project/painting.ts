import type { Draft } from 'immer'
import { keepAsOwn, takeBroughtAway, withCoatsOf } from './brought'
import { afterTaking } from '../../../core'
import type {
  BottleDrops,
  DropParts,
  DryingTimer,
  DoneMove,
  FigureAccent,
  FigureBench,
  FigureDetail,
  FigureStack,
  KeptTone,
  LogEntry,
  MixedWell,
  MoveOf,
  MoveRef,
  Project,
  Puddle,
  PuddlePart,
  StepKey,
  Tone,
} from '../../../core'
import { newId } from '../../vault/newId'
import { hold, letGo, letGoUnbegun } from './holding'
import type { Standing } from './holding'
import { settle } from './settle'
import { putStandIns } from './standIn'
import { plain, noteSaid } from './work'
import type { Make, OpenWork } from './work'

/** Sets what is given; what is undefined is taken away. */
function assign<T extends object>(one: T, made: Partial<T>): void {
  for (const [key, value] of Object.entries(made))
    if (value === undefined) delete one[key as keyof T]
    else Object.assign(one, { [key]: plain(value) })
}

/** Drops leave the bottles that are counted. */
function pourOut(draft: Draft<Project>, taken: readonly DropParts[]): void {
  if (taken.length > 0 && draft.bottles) draft.bottles = afterTaking(taken, plain(draft.bottles))
}

/** What the figure that is open aims at, its coats and accents; what is done, dries and is written down. */
export const paintingActions = ({ change, changeOpen, figure }: OpenWork) => {
  /** A step at the bench, with which a figure's mixes come to stand, or no longer do. */
  function changeHeld(standing: Standing | undefined, step: Make): boolean {
    const make =
      (held: Standing | undefined): Make =>
      (draft) => {
        step(draft)
        if (held) hold(draft, held)
        letGoUnbegun(draft)
      }
    // A palette that can hold no more puddles hinders no move.
    return change('', make(standing)) || (standing !== undefined && change('', make(undefined)))
  }
  return {
    /** The figure aims at another tone; changes under one tag in a row are one step of undo. */
    setTone(tone: Tone, tag = '') {
      return changeOpen(tag && `tone ${tag}`, (draft) => {
        draft.tone = plain(tone)
        noteSaid(draft, 'tone')
      })
    },
    /** The stack of coats of this figure. */
    setStack(made: FigureStack | undefined, tag = '') {
      return changeOpen(tag, (draft) => {
        if (made) draft.stack = plain(made)
        else delete draft.stack
      })
    },
    /** A stack takes the place of this figure's, with the puddles and places of life it brings along. */
    beginStack(made: FigureStack, puddles: readonly Puddle[], accents: readonly string[] = []) {
      const { id } = figure.value
      return change('', (draft) => {
        const open = draft.figures.find((one) => one.id === id)
        if (!open) return
        const stays = takeBroughtAway(draft, open, { stack: made, puddles })
        const had = new Set(open.accents?.map(({ place }) => place))
        const more = accents
          .filter((place) => !had.has(place))
          .map((place) => ({ id: newId(), place }))
        if (more.length > 0) open.accents = [...(open.accents ?? []), ...more]
        draft.puddles ??= []
        draft.puddles.push(
          ...puddles.map((puddle) => plain({ ...puddle, parts: [...puddle.parts], figure: id })),
        )
        open.stack = plain({
          ...withCoatsOf(open.stack && plain(open.stack), made),
          brought: [...stays, ...[...puddles, ...more].map((one) => one.id)],
        })
      })
    },
    /** Other bottles stand in for some, in all that this figure is painted with. */
    standIn(stack: FigureStack, swapped: (parts: readonly PuddlePart[]) => PuddlePart[]) {
      const { id } = figure.value
      return change('', (draft) => {
        const open = draft.figures.find((one) => one.id === id)
        if (open) putStandIns(draft, open, plain(stack), swapped)
      })
    },
    /** How a place of life is glazed; what is undefined is found for it again. */
    setAccent(place: string, made: Partial<Omit<FigureAccent, 'id' | 'place'>>, tag = '') {
      return changeOpen(tag, (draft) => {
        const one = draft.accents?.find((accent) => accent.place === place)
        if (!one) return
        assign(one, made)
        keepAsOwn([draft], one.id)
      })
    },
    /** Eyes, teeth or claws are painted on this figure, or are not. */
    toggleDetail(key: FigureDetail['key']) {
      return changeOpen('', (draft) => {
        const had = draft.details ?? []
        draft.details = had.some((one) => one.key === key)
          ? had.filter((one) => one.key !== key)
          : [...had, { id: newId(), key }]
      })
    },
    /** What a tone of eyes, teeth or claws is painted with; what is undefined is found for it again. */
    setDetail(key: string, made: Partial<Omit<FigureDetail, 'id' | 'key'>>) {
      return changeOpen('', (draft) => {
        const one = draft.details?.find((detail) => detail.key === key)
        if (one) assign(one, made)
      })
    },
    /** A place of life is painted on this figure, or is not. */
    toggleAccent(place: string) {
      return changeOpen('', (draft) => {
        const had = draft.accents ?? []
        draft.accents = had.some((one) => one.place === place)
          ? had.filter((one) => one.place !== place)
          : [...had, { id: newId(), place }]
      })
    },
    /** How this figure is painted at the bench. */
    setBench(made: Partial<FigureBench>, tag = '') {
      return changeOpen(tag, (draft) => {
        const next: FigureBench = { ...draft.bench, ...plain(made) }
        draft.bench = next
      })
    },
    /** A move is done, or was not done after all; what its mix took leaves the bottles, or comes back. */
    setDone(done: readonly DoneMove[], taken: readonly DropParts[] = [], standing?: Standing) {
      return changeHeld(standing, (draft) => {
        draft.done = plain([...done])
        pourOut(draft, taken)
      })
    },
    /** A well is mixed, or was not mixed after all; what it took leaves the bottles, or comes back. */
    setMixed(mixed: readonly MixedWell[], taken: readonly DropParts[] = [], standing?: Standing) {
      return changeHeld(standing, (draft) => {
        draft.mixed = plain([...mixed])
        pourOut(draft, taken)
      })
    },
    /** What was held as painting began is found again, and follows what was changed. */
    letFollow(figure: string) {
      return change('', (draft) => {
        // What stands in its wells is not what will be mixed.
        if (draft.mixed?.some((one) => one.figure === figure))
          draft.mixed = draft.mixed.filter((one) => one.figure !== figure)
        letGo(draft, figure)
      })
    },
    /** Steps of a figure are kept as they were. */
    keepSteps(figure: string, steps: readonly { key: StepKey; parts: readonly PuddlePart[] }[]) {
      return change('', (draft) => {
        for (const { key, parts } of steps) settle(draft, figure, key, parts)
      })
    },
    /** Moves count as not done: what lies there is laid again. */
    layAgain(figure: string, moves: readonly MoveOf[]) {
      const keys = new Set(moves.map((of) => JSON.stringify(of)))
      return change('', (draft) => {
        const again = (one: MoveRef): boolean =>
          one.figure === figure && keys.has(JSON.stringify(plain(one.of)))
        draft.done = draft.done?.filter((one) => !again(one))
        draft.timers = draft.timers?.filter((one) => !again(one))
        letGoUnbegun(draft)
      })
    },
    setTimers(timers: readonly DryingTimer[], dried?: FigureBench['dried']) {
      return change('', (draft) => {
        draft.timers = plain([...timers])
        const open = draft.figures.find(({ id }) => id === figure.value.id)
        if (dried && open) open.bench = { ...open.bench, dried: plain(dried) }
      })
    },
    /** A mix is written down, with what was put into it since it was mixed. */
    addToLog(entry: LogEntry, taken: readonly BottleDrops[] = []) {
      return change('', (draft) => {
        draft.log ??= []
        draft.log.push(plain(entry))
        pourOut(draft, taken.length > 0 ? [{ parts: [...taken] }] : [])
      })
    },
    dropFromLog(id: string) {
      return change('', (draft) => {
        const at = draft.log?.findIndex((entry) => entry.id === id) ?? -1
        if (at >= 0) draft.log!.splice(at, 1)
      })
    },
    /** Puts a tone by under a name; a name that is taken is replaced. */
    keepTones(kept: readonly KeptTone[]) {
      return change('', (draft) => {
        const names = new Set(kept.map(({ name }) => name))
        const before = (draft.tones ?? []).filter(({ name }) => !names.has(name))
        draft.tones = [...before, ...plain([...kept])]
      })
    },
    dropTone(name: string) {
      return change('', (draft) => {
        draft.tones = draft.tones?.filter((kept) => kept.name !== name)
      })
    },
  }
}
