import {
  bottlesIn,
  isBottle,
  partsFound,
  stepFor,
  stepNames,
  stepOf,
  stepPuddle,
} from '../../../core'
import type {
  BottleDrops,
  Ingredient,
  Paint,
  Part,
  PartsOf,
  PuddlePart,
  StepKey,
  StoredPuddle,
} from '../../../core'
import type { FoundMix } from '../../workers/recipeJobs'
import { nameOf, withPaints } from '../paints'

/** What is in the puddles of one figure: as the painter settled it, or as its ladder's steps are found. */
export interface Contents {
  partsOf: PartsOf
  /** Drops of bottles in a mix; throws PuddleError for what is not there. */
  bottlesOf: (parts: readonly PuddlePart[]) => BottleDrops[]
  /** Paints of what is laid; throws for what is not there. */
  mixOf: (of: Ingredient) => Part<Paint>[]
  /** What a bottle or a puddle is called. */
  nameOf: (of: Ingredient) => string
}

/** A found mix as parts of a puddle: drops of other steps' own, then of bottles. */
const partsOfFound = (
  figure: string,
  keys: readonly StepKey[],
  { parts, poured = [] }: FoundMix,
): PuddlePart[] => [
  ...poured.flatMap(({ step, drops }) => {
    const key = keys[step]
    return key ? [{ of: { puddle: stepPuddle(figure, key) }, drops }] : []
  }),
  ...partsFound(parts),
]

/** “2 red-brown + 1 white”: what a mix without a name is called by, as far as it can be said shortly. */
function shortName(parts: readonly PuddlePart[], called: (of: Ingredient) => string): string {
  const [first, second, ...more] = parts.map(({ of }) => called(of))
  if (!first) return 'a mix'
  if (!second) return first
  return more.length > 0 ? `${first}, ${second} and more` : `${first} and ${second}`
}

/**
 * @param figure its id.
 * @param stored puddles of the figure and of the commission.
 * @param keys steps of its ladder, dark to light.
 * @param found what the search has for a step.
 * @param paintsIn paints of drops of bottles; those of the open commission when not given.
 */
export function contentsOf(
  figure: string,
  stored: readonly StoredPuddle[],
  keys: readonly StepKey[],
  found: (key: StepKey) => FoundMix | undefined,
  paintsIn: (parts: readonly BottleDrops[]) => Part<Paint>[] = withPaints,
): Contents {
  const settled = new Map(stored.map((one) => [one.id, one]))
  const partsOf: PartsOf = (id) => {
    // What is settled stays what it is, also where the ladder has no such step any more.
    const stays = settled.get(id)
    if (stays) return stays.parts
    const step = stepOf(figure, id)
    if (step === undefined) return undefined
    const key = stepFor(step, keys)
    const own = settled.get(stepPuddle(figure, key))
    if (own) return own.parts
    const mix = found(key)
    return mix && partsOfFound(figure, keys, mix)
  }
  const called = (of: Ingredient, deep = 0): string => {
    if (isBottle(of)) return nameOf(of.bottle)
    const step = stepOf(figure, of.puddle)
    if (step) return stepNames[settled.has(of.puddle) ? step : stepFor(step, keys)]
    const own = settled.get(of.puddle)
    if (!own) return 'a mix that has gone'
    return own.name ?? (deep > 3 ? 'a mix' : shortName(own.parts, (one) => called(one, deep + 1)))
  }
  const bottlesOf = (parts: readonly PuddlePart[]): BottleDrops[] =>
    bottlesIn(parts, partsOf, (puddle) => called({ puddle }))
  return {
    partsOf,
    bottlesOf,
    mixOf: (of) => paintsIn(bottlesOf([{ of, drops: 1 }])),
    nameOf: called,
  }
}
