import { isBottle, stepKeys, stepOf } from '../../../core'
import type { FigurePlan, LadderVersion, Lighting, PuddlePart, StepKey } from '../../../core'
import { newId } from '../../vault/newId'
import { allPaints } from '../paints'
import { settle } from './settle'
import { plain, noteSaid } from './work'
import type { OpenWork } from './work'

type Limit = 'maxPaints' | 'maxDrops'

/** The ladder of the figure that is open: light and taste, mixes, versions. */
export const ladderActions = ({ change, changePlan, changeOpen, figure }: OpenWork) => ({
  setLighting<K extends keyof Lighting & keyof FigurePlan>(name: K, value: FigurePlan[K]) {
    return changePlan(name, (draft) => Object.assign(draft, { [name]: value }))
  },
  /** Any settings of the plan at once; what is undefined goes back to the usual. */
  setPlan(made: Partial<FigurePlan>, tag = Object.keys(made).join()) {
    return changeOpen(tag, (open) => {
      for (const [name, value] of Object.entries(made))
        if (value === undefined) delete open.plan[name as 'way']
        else Object.assign(open.plan, { [name]: plain(value) })
      if (made.form) noteSaid(open, 'form')
    })
  },
  /** Settings of several figures' plans at once, as one change. */
  setPlans(figures: readonly string[], made: Partial<FigurePlan>) {
    const ids = new Set(figures)
    return change(`plans ${Object.keys(made).join()} ${figures.join()}`, (draft) => {
      for (const { id, plan } of draft.figures) if (ids.has(id)) Object.assign(plan, plain(made))
    })
  },
  /** Moves the target of a step; nothing puts it back. */
  moveStep(key: StepKey, by: { L: number; a: number; b: number } | undefined) {
    const { id } = figure.value
    return change(`${id} move ${key}`, (draft) => {
      const plan = draft.figures.find((one) => one.id === id)?.plan
      // A word that the language keeps for itself would become the record's prototype.
      if (!plan || !stepKeys.includes(key)) return
      plan.moved ??= {}
      if (by) plan.moved[key] = plain(by)
      else delete plan.moved[key]
      // A mix that was found again for the new aim.
      settle(draft, id, key, undefined)
    })
  },
  setLimit(name: Limit, value: number) {
    return changePlan(name, (draft) => (draft[name] = value))
  },
  /**
   * Keeps a mix for a step, whatever the search would find; no parts lets it be found again.
   * @param sources steps that are kept with it, as they are.
   */
  keep(
    key: StepKey,
    parts: readonly PuddlePart[] | undefined,
    tag = '',
    sources: readonly { key: StepKey; made: readonly PuddlePart[] }[] = [],
  ) {
    const { id } = figure.value
    return change(tag && `${id} ${tag} ${key}`, (draft) => {
      for (const source of sources) settle(draft, id, source.key, source.made)
      settle(draft, id, key, parts)
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
    const { id } = figure.value
    return change('', (draft) => {
      const open = draft.figures.find((one) => one.id === id)
      if (!open) return
      open.plan = plain(old)
      const others = draft.puddles?.filter((one) => stepOf(id, one.id) === undefined) ?? []
      draft.puddles = others
      // A bottle or a mix that has gone since cannot be mixed from; its step is found anew.
      const paints = new Set(allPaints().map((paint) => paint.id))
      const mixes = new Set(others.map((one) => one.id))
      for (const { key, parts } of steps)
        if (
          parts.every(({ of }) =>
            isBottle(of)
              ? paints.has(of.bottle)
              : mixes.has(of.puddle) || stepOf(id, of.puddle) !== undefined,
          )
        )
          settle(draft, id, key, parts)
    })
  },
})
