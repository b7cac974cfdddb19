import type { FigurePlan, KeptPart, LadderVersion, Mood, StepKey } from '../../../core'
import { newId } from '../../vault/newId'
import { allPaints } from '../paints'
import { plain } from './work'
import type { Work } from './work'

type Limit = 'maxPaints' | 'maxDrops'

/** The ladder of the figure that is open: light and taste, mixes, versions. */
export const ladderActions = ({ changePlan, changeOpen }: Work) => ({
  setMood<K extends keyof Mood & keyof FigurePlan>(name: K, value: FigurePlan[K]) {
    return changePlan(name, (draft) => Object.assign(draft, { [name]: value }))
  },
  /** Any settings of the plan at once; what is undefined goes back to the usual. */
  setPlan(made: Partial<FigurePlan>, tag = Object.keys(made).join()) {
    return changePlan(tag, (draft) => {
      for (const [name, value] of Object.entries(made))
        if (value === undefined) delete draft[name as 'way']
        else Object.assign(draft, { [name]: plain(value) })
    })
  },
  /** Moves the target of a step; nothing puts it back. */
  moveStep(key: StepKey, by: { L: number; a: number; b: number } | undefined) {
    return changePlan(`move ${key}`, (draft) => {
      draft.moved ??= {}
      if (by) draft.moved[key] = plain(by)
      else delete draft.moved[key]
      // A mix that was found again for the new aim.
      delete draft.kept[key]
    })
  },
  setLimit(name: Limit, value: number) {
    return changePlan(name, (draft) => (draft[name] = value))
  },
  /** Keeps a mix for a step, whatever the search would find; no parts lets it be found again. */
  keep(key: StepKey, parts: KeptPart[] | undefined, tag = '') {
    return changePlan(tag && `${tag} ${key}`, (draft) => {
      if (parts) draft.kept[key] = plain(parts)
      else delete draft.kept[key]
    })
  },
  /** Puts the ladder by under a name; a name that is taken is replaced. */
  keepVersion(version: Omit<LadderVersion, 'id'>) {
    return changeOpen('', (draft) => {
      draft.versions = [
        ...(draft.versions ?? []).filter(({ name }) => name !== version.name),
        { id: newId(), ...plain(version) },
      ]
    })
  },
  dropVersion(id: string) {
    return changeOpen('', (draft) => {
      draft.versions = draft.versions?.filter((one) => one.id !== id)
    })
  },
  /** The plan of a version takes the place of this one. */
  takeVersion({ plan: old, steps }: LadderVersion) {
    return changeOpen('', (draft) => {
      // A bottle that has gone since cannot be mixed from; its step is found anew.
      const known = new Set(allPaints().map(({ id }) => id))
      const whole = steps.filter(({ parts }) => parts.every(({ paint }) => known.has(paint)))
      const kept = Object.fromEntries(whole.map(({ key, parts }) => [key, plain(parts)]))
      draft.plan = { ...plain(old), kept }
    })
  },
})
