import { afterTaking } from '../../../core'
import type {
  DropParts,
  DryingTimer,
  DoneMove,
  FigureBench,
  FigureStack,
  KeptTone,
  LogEntry,
  Tone,
} from '../../../core'
import { newId } from '../../vault/newId'
import { plain } from './work'
import type { Work } from './work'

/** What the figure that is open aims at, its coats and accents; what is done, dries and is written down. */
export const paintingActions = ({ change, changeOpen, figure }: Work) => ({
  /** The figure aims at another tone; changes under one tag in a row are one step of undo. */
  setTone(tone: Tone, tag = '') {
    return changeOpen(tag && `tone ${tag}`, (draft) => (draft.tone = plain(tone)))
  },
  /** The stack of coats of this figure. */
  setStack(made: FigureStack | undefined, tag = '') {
    return changeOpen(tag, (draft) => {
      if (made) draft.stack = plain(made)
      else delete draft.stack
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
  setDone(done: readonly DoneMove[], taken: readonly DropParts[] = []) {
    return change('', (draft) => {
      draft.done = plain([...done])
      if (taken.length > 0 && draft.bottles)
        draft.bottles = afterTaking(taken, plain(draft.bottles))
    })
  },
  setTimers(timers: readonly DryingTimer[], dried?: FigureBench['dried']) {
    return change('', (draft) => {
      draft.timers = plain([...timers])
      const open = draft.figures.find(({ id }) => id === figure.value.id)
      if (dried && open) open.bench = { ...open.bench, dried: plain(dried) }
    })
  },
  addToLog(entry: LogEntry) {
    return change('', (draft) => {
      draft.log ??= []
      draft.log.push(plain(entry))
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
})
