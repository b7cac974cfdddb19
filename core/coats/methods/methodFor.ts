import { endsInWords } from './endWords'
import type { StackPlan } from '../../project/stack'
import type { LaidCoat } from '../../project/coat'
import type { Lab } from '../../colour/lab'
import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'
import { sameBox } from '../../paint/samePaint'
import { partsById } from '../../puddle/parts'
import type { BottleDrops } from '../../puddle/parts'
import { isBottle } from '../../puddle/puddle'
import type { Ingredient, Puddle } from '../../puddle/puddle'
import type { StepKey } from '../../project/steps'
import { bottleThatMakes } from '../roles/bottleThatMakes'
import type { MakingBottle } from '../roles/bottleThatMakes'
import { RoleMixes } from '../roles/roleMixes'
import { roleOf } from '../roles/roles'
import type { RoleKey } from '../roles/roles'
import { ingredientsOf, resolveStack } from '../plan'
import { endAims, endOf, offBy } from './ends'
import type { EndPlace } from './ends'
import { landed } from './landed'
import type { Method } from './method'
import { MixMaker } from './mixMaker'
import type { Choice } from './mixMaker'
import { strataOf } from './strata'
import type { Stratum } from './strata'

/** A figure that a method is made for. */
export interface MethodFigure {
  /** Its ladder, dark to light, with the bottles that each step comes to. */
  steps: readonly { key: StepKey; target: Lab; share: number; parts: readonly Part<Paint>[] }[]
  /** Bottles that it may be mixed from: on the table where one was chosen, in where not. */
  paints: readonly Paint[]
  /** Bottles that might be put there: those that are in first. */
  others?: readonly Paint[]
  /** Puddles it has already. */
  had: readonly Puddle[]
  /** The puddle of a step of its ladder. */
  stepId: (key: StepKey) => string
  newId: () => string
  /** What the painter does about roles that are out of reach; a stand-in under its own name when not said. */
  choices?: Readonly<Partial<Record<RoleKey, Choice>>>
}

/** A role that a figure's bottles cannot make. */
export interface MissingRole {
  role: RoleKey
  name: string
  /** What they can do in its place. */
  nearest: { parts: BottleDrops[]; lab: Lab }
  /** One bottle with which it could be made. */
  makes?: MakingBottle
}

/** A method made for a figure: its moves as they are written, only of bottles that may be used. */
export interface MadeMethod {
  plan: StackPlan
  /** Mixes that come along. */
  puddles: Puddle[]
  missing: MissingRole[]
  /** How far the end is from the ladder's aims, ΔE00. */
  off: Record<EndPlace | 'mean', number>
  /** How it ends against the ladder, in one line. */
  ends: string
  /** The stack cut through. */
  strata: Record<EndPlace, Stratum[]>
}

/** The box that was asked last: methods are tried one after the other. */
let last: RoleMixes | undefined
function mixesOf(paints: readonly Paint[]): RoleMixes {
  const sorted = [...paints].sort((one, other) => (one.id < other.id ? -1 : 1))
  if (!last || !sameBox(last.paints, sorted)) last = new RoleMixes(sorted)
  return last
}

/**
 * A method as a figure's own plan of puddles and places: its moves as they are written, each mix for its role first, then
 * as near as it comes to where the figure wants it. A role that the bottles cannot make is said, never another mix under
 * its name. It lands by passes alone.
 * @throws RangeError when no bottle is in.
 * @example methodFor(methods[0], { steps: [{ key: 'base', target: flesh, share: 1, parts: coat.parts }], paints, had: [], stepId: (key) => key, newId }).puddles.length > 0 // true
 */
export function methodFor(method: Method, figure: MethodFigure): MadeMethod {
  const { steps, paints, others = [], had, stepId, newId, choices = {} } = figure
  if (paints.length === 0) throw new RangeError('there is no paint to mix from; put one in the box')
  const maker = new MixMaker({ steps, stepId }, mixesOf(paints), had, newId, choices)
  const { under } = method
  /** An undercoat is never left out: there is something under every coat. */
  const ground = (mix: Parameters<typeof maker.of>[0]): Ingredient =>
    maker.of(mix) ?? { puddle: stepId('base') }
  const coats = method.coats.flatMap(({ mix, ...coat }): Omit<LaidCoat, 'id'>[] => {
    const of = maker.of(mix)
    return of ? [{ ...coat, of }] : []
  })
  const written: StackPlan = {
    under:
      under.kind === 'flat'
        ? { kind: 'flat', of: ground(under.mix) }
        : { ...under, dark: ground(under.dark), light: ground(under.light) },
    coats,
  }
  const stack = resolveStack(written, (of) => maker.partsOf(of))
  const aims = endAims(steps)
  const passes = method.endsApart ? stack.coats.map((coat) => coat.passes) : landed(stack, aims)
  const plan: StackPlan = {
    ...written,
    coats: coats.map((coat, i) => (passes[i] === 1 ? coat : { ...coat, passes: passes[i]! })),
  }
  const after = {
    ...stack,
    coats: stack.coats.map((coat, i) => ({ ...coat, passes: passes[i]! })),
  }
  const ends = endOf(after)
  const used = new Set<string>()
  const use = (of: Ingredient): void => {
    if (isBottle(of) || used.has(of.puddle)) return
    used.add(of.puddle)
    for (const part of maker.puddles.find(({ id }) => id === of.puddle)?.parts ?? []) use(part.of)
  }
  for (const of of ingredientsOf(plan)) use(of)
  return {
    plan,
    puddles: maker.puddles.filter(({ id }) => used.has(id)),
    missing: [...maker.missed.values()].map(({ role, aim, nearest }) => ({
      role,
      name: roleOf(role).name,
      nearest: {
        lab: nearest.lab,
        parts: partsById(nearest.parts),
      },
      makes: bottleThatMakes(roleOf(role), aim, paints, others),
    })),
    off: offBy(ends, aims),
    ends: endsInWords(ends, aims, method.endsApart),
    strata: strataOf(after),
  }
}
