import { applyPatches } from 'immer'
import type { Patch } from 'immer'
import { formatProject, parseProject } from '../../core'
import type { Project } from '../../core'
import { dropJournals, dropOwnJournal, journalsOf, markOf, noteJournal } from '../vault/journal'
import type { JournalEntry } from '../vault/journal'
import { starterIds } from './paints'

/** The project with changes made to it again; nothing where they do not fit or would not be readable. */
function withChanges(project: Project, patches: readonly Patch[]): Project | undefined {
  try {
    const next = applyPatches(project, patches)
    return parseProject(formatProject(next), starterIds).ok ? next : undefined
  } catch {
    return undefined
  }
}

/**
 * Changes as they are made on what others have stored since: figures are found by their ids.
 * @returns nothing where a change is to a place in some other list, which may be another place by now.
 */
function onOthers(entry: JournalEntry, { figures }: Project): Patch[] | undefined {
  const moved: Patch[] = []
  for (const { path, ...patch } of entry.patches) {
    const id =
      path[0] === 'figures' && path.length > 2 ? entry.figures[path[1] as number] : undefined
    const at = id === undefined ? -1 : figures.findIndex((one) => one.id === id)
    if (id !== undefined && at < 0) return undefined
    const to = id === undefined ? path : ['figures', at, ...path.slice(2)]
    if (
      to
        .slice(id === undefined ? 0 : 2)
        .some((step) => typeof step === 'number' || step === 'length')
    )
      return undefined
    moved.push({ ...patch, path: to })
  }
  return moved
}

/** Keeps what is changed and not stored yet where a page that goes, at whatever moment, leaves it behind. */
export function useJournal() {
  let base = markOf(null)
  let figures: readonly string[] = []
  let patches: Patch[] = []
  let sent: JournalEntry['sent']
  const write = (id: string): void =>
    patches.length > 0 ? noteJournal(id, { base, figures, sent, patches }) : dropOwnJournal(id)

  return {
    /** Another text is the one that changes are made on. */
    begin(text: string | null, project: Project): void {
      base = markOf(text)
      figures = project.figures.map(({ id }) => id)
      patches = []
      sent = undefined
    },
    note(id: string, more: readonly Patch[]): void {
      patches.push(...more)
      write(id)
    },
    /** A text with all changes so far goes to storage. */
    send(id: string, text: string): void {
      sent = { mark: markOf(text), changes: patches.length }
      write(id)
    },
    /** It is there. */
    stored(id: string, text: string, project: Project): void {
      base = sent?.mark ?? markOf(text)
      figures = project.figures.map((one) => one.id)
      patches = patches.slice(sent?.changes ?? patches.length)
      sent = undefined
      write(id)
    },
    /**
     * What pages have left behind, made again.
     * @param text the project as it is stored; nothing where it never was.
     * @returns the same project where there was nothing to be made again; `strange` where others have written since;
     * `forget` drops what was made again, once it is stored.
     */
    replay(project: Project, text: string | null) {
      const mark = markOf(text)
      let now = project
      let strange = false
      const made: string[] = []
      for (const { key, entry } of journalsOf(project.id)) {
        // What was changed in a commission that is gone for good is not for the one that takes its place.
        if (text === null && entry.base !== mark) continue
        const known = mark === entry.base && now === project
        const came = mark === entry.sent?.mark && now === project
        const left = came
          ? entry.patches.slice(entry.sent!.changes)
          : known
            ? entry.patches
            : onOthers(entry, now)
        const next = left && (left.length > 0 ? withChanges(now, left) : now)
        if (!next) continue
        if (next !== now) strange ||= mark !== entry.base && mark !== entry.sent?.mark
        now = next
        made.push(key)
      }
      return { project: now, strange, forget: () => dropJournals(made) }
    },
  }
}
