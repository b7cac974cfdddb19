import type { ShownStep } from './shownStep'
import { isBottle, nextAmount, sameIngredient, stepPuddle } from '../../../core'
import type { Ingredient, PuddlePart, StepKey } from '../../../core'
import { useProject } from '../project/project'

/** Drops of a step's mix by hand. */
export function useStepDrops(steps: () => readonly ShownStep[]) {
  const store = useProject()
  /** Adds drops of something to a step's mix, or takes them; the last drop of a mix stays. */
  function addDrops(key: StepKey, of: Ingredient, by: number): void {
    const step = steps().find((one) => one.key === key)
    if (!step) return
    const had = step.made.find((part) => sameIngredient(part.of, of))
    // Of less than a drop one more is a touch: a drop and three touches is no amount.
    const inTouches = had !== undefined && had.drops < 1 && Math.abs(by) === 1
    const drops = inTouches ? nextAmount(had.drops, by > 0 ? 1 : -1) : (had?.drops ?? 0) + by
    const made = had
      ? step.made.map((part) => (part === had ? { of, drops } : part))
      : [...step.made, { of, drops }]
    const left = made.filter((part) => part.drops > 0)
    if (left.length > 0) keep(key, left, 'drops')
  }
  /** Keeps a mix for a step, and the puddles it is poured from, which would else be found anew; nothing lets it go. */
  function keep(key: StepKey, made: readonly PuddlePart[] | undefined, tag?: string): void {
    const { id } = store.figure
    const sources = (made ?? []).flatMap(({ of }) => {
      const source = steps().find((one) => !isBottle(of) && stepPuddle(id, one.key) === of.puddle)
      return source && !source.kept ? [source] : []
    })
    store.keep(key, made, tag, sources)
  }

  return { addDrops, keep }
}
