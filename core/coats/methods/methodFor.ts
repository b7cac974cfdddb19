import { bottleParts, partsById, resolvedParts } from '../../puddle/parts'
import type { StackPlan } from '../../project/stack'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { mixPaints } from '../../paint/mix'
import type { Part } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { bottlesIn } from '../../puddle/content'
import { isBottle, sameParts } from '../../puddle/puddle'
import type { Ingredient, Puddle } from '../../puddle/puddle'
import { stepFor, stepNames } from '../../project/steps'
import type { StepKey } from '../../project/steps'
import { sameBox } from '../../paint/samePaint'
import { nearestPaints } from '../../recipe/advice/likeness'
import { RecipeTable } from '../../recipe/recipeTable'
import { resolveStack } from '../plan'
import { endAims, endOf, offBy } from './ends'
import type { EndPlace } from './ends'
import { isStep } from './method'
import type { Method, MethodMix } from './method'
import { startFrom } from './startFrom'
import { strataOf } from './strata'
import type { Stratum } from './strata'
import { tuned } from './tuned'

/** A figure that a method is made for. */
export interface MethodFigure {
  /** Its ladder, dark to light, with the bottles that each step comes to. */
  steps: readonly { key: StepKey; target: Lab; share: number; parts: readonly Part<Paint>[] }[]
  /** Bottles that are in. */
  paints: readonly Paint[]
  /** Puddles it has already. */
  had: readonly Puddle[]
  /** The puddle of a step of its ladder. */
  stepId: (key: StepKey) => string
  newId: () => string
}

/** A method made for a figure: only of bottles that are in, and mixed so that it ends where the ladder aims. */
export interface MadeMethod {
  plan: StackPlan
  /** Mixes that come along. */
  puddles: Puddle[]
  /** How far the end is from the ladder's aims, ΔE00. */
  off: Record<EndPlace | 'mean', number>
  /** The stack cut through. */
  strata: Record<EndPlace, Stratum[]>
}

/** Bottles that new mixes are made of at most; drops and paints of one. */
const FEW = 16
const LIMITS = { maxPaints: 3, maxDrops: 12 }

/** The table of the box that was asked last: methods are tried one after the other. */
let last: RecipeTable | undefined
function tableOf(paints: readonly Paint[]): RecipeTable {
  const sorted = [...paints].sort((one, other) => (one.id < other.id ? -1 : 1))
  if (!last || !sameBox(last.paints, sorted)) last = new RecipeTable(sorted, LIMITS)
  return last
}

/** The bottles that the figure and the method use, then others that are in, up to so many. */
function fewOf(method: Method, { steps, paints }: MethodFigure): Paint[] {
  const wanted = new Set([
    ...steps.flatMap(({ parts }) => parts.map(({ paint }) => paint.id)),
    ...method.coats.flatMap(({ mix }) => (isStep(mix) ? [] : mix.parts.map(([id]) => id))),
  ])
  const rank = ({ id }: Paint): number => (wanted.has(id) ? 0 : 1)
  return [...paints].sort((one, other) => rank(one) - rank(other)).slice(0, FEW)
}

/**
 * A method as a figure's own plan of puddles and places. A mix or undercoat of bottles that are not in is mixed to the
 * same colour of those that are; where the coats would not end at the ladder's aims, some are mixed so that they do.
 * @param paintOf a bottle that the method names; nothing where there is none.
 * @throws RangeError when no bottle is in.
 * @example methodFor(methods[0], { steps: [{ key: 'base', target: flesh, share: 1, parts: coat.parts }], paints, had: [], stepId: (key) => key, newId }, paintOf).puddles.length > 0 // true
 */
export function methodFor(
  method: Method,
  figure: MethodFigure,
  paintOf: (id: string) => Paint | undefined,
): MadeMethod {
  const { steps, paints, had, stepId, newId } = figure
  if (paints.length === 0) throw new RangeError('there is no paint to mix from; put one in the box')
  const few = fewOf(method, figure)
  const table = tableOf(few)
  const nearest = (target: Lab): Part<Paint>[] => table.nearest(target)[0]!.parts
  const box = new Map(paints.map((paint) => [paint.id, paint]))
  const swapped = new Map<MethodMix, MethodMix>()
  const mixOfBox = (mix: MethodMix): MethodMix => {
    if (mix.parts.every(([id]) => box.has(id))) return mix
    const known = swapped.get(mix)
    if (known) return known
    const parts = mix.parts.flatMap(([id, drops]) => {
      const paint = box.get(id) ?? paintOf(id)
      return paint ? [{ paint, drops }] : []
    })
    const found = nearest(labOf(opaqueReflectance(mixPaints(parts))))
    const made = {
      name: mix.name,
      parts: found.map((part) => [part.paint.id, part.drops] as const),
    }
    swapped.set(mix, made)
    return made
  }
  const bottleOfBox = (id: string): string => {
    if (box.has(id)) return id
    const paint = paintOf(id)
    return paint ? nearestPaints(paint, paints, 1)[0]!.paint.id : paints[0]!.id
  }
  const { under } = method
  const { plan, puddles } = startFrom(
    {
      ...method,
      under:
        under.kind === 'flat'
          ? { ...under, bottle: bottleOfBox(under.bottle) }
          : { ...under, dark: bottleOfBox(under.dark), light: bottleOfBox(under.light) },
      coats: method.coats.map((coat) =>
        isStep(coat.mix) ? coat : { ...coat, mix: mixOfBox(coat.mix) },
      ),
    },
    had,
    stepId,
    newId,
  )
  const keys = steps.map(({ key }) => key)
  const byStep = new Map(
    steps.map(({ key, parts }) => [stepId(key), bottleParts(partsById(parts))]),
  )
  for (const { mix } of method.coats)
    if (isStep(mix)) byStep.set(stepId(mix), byStep.get(stepId(stepFor(mix, keys)))!)
  const own = new Map([...had, ...puddles].map((puddle) => [puddle.id, puddle.parts]))
  const mixOf = (of: Ingredient): Part<Paint>[] =>
    resolvedParts(
      bottlesIn([{ of, drops: 1 }], (id) => own.get(id) ?? byStep.get(id)),
      (id) => box.get(id) ?? paintOf(id)!,
    )
  const stack = resolveStack(plan, mixOf)
  const aims = endAims(steps)
  const mixes = tuned({ stack, aims, nearest })
  const made: Puddle[] = []
  const coats = plan.coats.map((coat, i) => {
    const parts = mixes.get(i)
    if (!parts) return coat
    const of = settled(bottleParts(partsById(parts)), named(coat.of, i))
    return { ...coat, of }
  })
  /** What a coat was of, and which it is now mixed for. */
  function named(of: Ingredient, i: number): string {
    const name = isBottle(of) ? box.get(of.bottle)?.name : nameOfPuddle(of.puddle)
    return `${(name ?? 'mix').replace(/, for coat \d+$/, '')}, for coat ${i + 1}`
  }
  function nameOfPuddle(puddle: string): string | undefined {
    const step = steps.find(({ key }) => stepId(stepFor(key, keys)) === puddle)
    return step ? stepNames[step.key] : [...had, ...puddles].find(({ id }) => id === puddle)?.name
  }
  /** The same drops are one puddle; one bottle is that bottle. */
  function settled(parts: Puddle['parts'], name: string): Ingredient {
    if (parts.length === 1) return parts[0]!.of
    const same = [...made, ...had].find((one) => sameParts(one.parts, parts))
    if (same) return { puddle: same.id }
    const id = newId()
    made.push({ id, name, parts })
    return { puddle: id }
  }
  const after = {
    ...stack,
    coats: stack.coats.map((coat, i) => ({ ...coat, parts: mixes.get(i) ?? coat.parts })),
  }
  const laid = { ...plan, coats }
  const used = new Set(coats.flatMap(({ of }) => (isBottle(of) ? [] : [of.puddle])))
  return {
    plan: laid,
    puddles: [...puddles.filter(({ id }) => used.has(id)), ...made],
    off: offBy(endOf(after), aims),
    strata: strataOf(after),
  }
}
