import type { Paint } from '../../paint/paint'
import { nearestPaints } from '../../recipe/advice/likeness'
import type { Likeness } from '../../recipe/advice/likeness'
import type { StackPlan } from '../plan'

/** Bottles that a stack names by themselves: its undercoat's and those of its own mixes, each once. */
export const bottlesOf = ({ under, coats }: StackPlan): string[] => [
  ...new Set([
    ...(under.kind === 'flat' ? [under.paint] : [under.dark, under.light]),
    ...coats.flatMap(({ mix }) => (typeof mix === 'string' ? [] : mix.map(([id]) => id))),
  ]),
]

/** A bottle that a stack needs and that is not in, with the nearest that is. */
export interface MissingBottle {
  id: string
  /** Nothing where no bottle is in, or where the bottle has gone from the box altogether. */
  standIn?: Likeness
}

/**
 * Bottles of a stack that are not in, each with its nearest stand-in by CIEDE2000 of the opaque coats.
 * @param paintOf a paint by id, nothing where there is none.
 * @example missingBottles(plan, [white], paintOf)[0].id // "yellow-ochre"
 */
export function missingBottles(
  plan: StackPlan,
  paintsIn: readonly Paint[],
  paintOf: (id: string) => Paint | undefined,
): MissingBottle[] {
  const has = new Set(paintsIn.map(({ id }) => id))
  return bottlesOf(plan)
    .filter((id) => !has.has(id))
    .map((id) => {
      const paint = paintOf(id)
      const [standIn] = paint ? nearestPaints(paint, paintsIn, 1) : []
      return { id, ...(standIn ? { standIn } : {}) }
    })
}

/**
 * The same stack with other bottles in the place of some; drops of one bottle are put together.
 * @example withStandIns(plan, new Map([['yellow-ochre', 'burnt-umber']])).coats.length // 1
 */
export function withStandIns<Plan extends StackPlan>(
  plan: Plan,
  standIns: ReadonlyMap<string, string>,
): Plan {
  const swapped = (id: string): string => standIns.get(id) ?? id
  const { under } = plan
  return {
    ...plan,
    under:
      under.kind === 'flat'
        ? { ...under, paint: swapped(under.paint) }
        : { ...under, dark: swapped(under.dark), light: swapped(under.light) },
    coats: plan.coats.map((coat) => {
      if (typeof coat.mix === 'string') return coat
      const drops = new Map<string, number>()
      for (const [id, n] of coat.mix) drops.set(swapped(id), (drops.get(swapped(id)) ?? 0) + n)
      return { ...coat, mix: [...drops] }
    }),
  }
}
