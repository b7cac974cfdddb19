import { deltaE00 } from '../../colour/deltaE00'
import type { EyePart, EyeWorld, PickExercise, SlideExercise } from '../exercise'
import { canBeShown, lookOf, nearest, drawnFrom, shuffled, someMix } from '../looks'
import type { Chance } from '../looks'
import { skills } from '../skills'

const TRIES = 24

const sameParts = (one: readonly EyePart[], other: readonly EyePart[]): boolean => {
  const key = (parts: readonly EyePart[]): string =>
    parts
      .map(({ paint, drops }) => `${drops} ${paint}`)
      .sort()
      .join()
  return key(one) === key(other)
}

/** A mix that could be taken for another: a drop more or less, or another bottle in the place of one. */
function mistaken(parts: readonly EyePart[], { paints }: EyeWorld, chance: Chance): EyePart[] {
  const at = Math.floor(chance() * parts.length)
  const others = paints.filter(({ id }) => parts.every(({ paint }) => paint !== id))
  const swap = chance() < 0.5 && others.length > 0
  return parts.map((part, i) => {
    if (i !== at) return part
    if (swap) return { ...part, paint: drawnFrom(others, chance).id }
    return { ...part, drops: Math.max(1, part.drops + (chance() < 0.5 ? -1 : 1)) }
  })
}

/** What is in this well: one of six mixes looks as what is shown, the nearest other is so far off, ΔE00. */
export const inWell = (world: EyeWorld, level: number, chance: Chance): PickExercise | undefined =>
  nearest(level, TRIES, () => {
    const parts = someMix(world, chance)
    const shown = lookOf(world, parts)
    const all = [parts]
    for (let i = 0; i < TRIES && all.length < skills.well.options; i++) {
      const made =
        chance() < 0.2 ? someMix(world, chance) : mistaken(drawnFrom(all, chance), world, chance)
      if (all.every((one) => !sameParts(one, made))) all.push(made)
    }
    const made = all.map((one) => {
      const lab = lookOf(world, one)
      return { looks: [lab], value: deltaE00(lab, shown), parts: one }
    })
    if (
      made.length < skills.well.options ||
      ![shown, ...made.flatMap((one) => one.looks)].every(canBeShown)
    )
      return undefined
    const options = shuffled(made, chance)
    const right = options.indexOf(made[0]!)
    const wrong = options.filter((_, i) => i !== right).map(({ value }) => value)
    return {
      kind: 'pick',
      skill: 'well',
      shown: [shown],
      options,
      right,
      level: Math.min(...wrong),
    }
  })

const withDrop = (parts: readonly EyePart[], paint: string): EyePart[] =>
  parts.some((one) => one.paint === paint)
    ? parts.map((one) => (one.paint === paint ? { ...one, drops: one.drops + 1 } : one))
    : [...parts, { paint, drops: 1 }]

/** One drop more of which of six bottles makes of the first colour the second; the nearest other misses by so much. */
export const oneMoreDrop = (
  world: EyeWorld,
  level: number,
  chance: Chance,
): PickExercise | undefined =>
  nearest(level, TRIES, () => {
    const parts = someMix(world, chance)
    const bottles = shuffled(world.paints, chance).slice(0, skills.more.options)
    const right = Math.floor(chance() * bottles.length)
    const looks = bottles.map(({ id }) => lookOf(world, withDrop(parts, id)))
    const shown = [lookOf(world, parts), looks[right]!]
    if (bottles.length < skills.more.options || ![...shown, ...looks].every(canBeShown))
      return undefined
    const options = bottles.map(({ id }, i) => ({
      looks: [looks[i]!],
      value: deltaE00(looks[i]!, shown[1]!),
      parts: [{ paint: id, drops: 1 }],
    }))
    const wrong = options.filter((_, i) => i !== right).map(({ value }) => value)
    return { kind: 'pick', skill: 'more', shown, parts, options, right, level: Math.min(...wrong) }
  })

/** So far to either side the slider goes, doublings. */
const MOST = 6
const LEAST_APART = 20
const EVEN = 0.0005
const HALVINGS = 40

/** At which ratio of two bottles the mix looks as far from the one as from the other. */
export function halfWay(world: EyeWorld, chance: Chance): SlideExercise | undefined {
  for (let i = 0; i < TRIES; i++) {
    const [one, other] = shuffled(world.paints, chance)
    if (!one || !other) return undefined
    const at = (doublings: number): EyePart[] => [
      { paint: one.id, drops: 1 },
      { paint: other.id, drops: 2 ** doublings },
    ]
    const [first, last] = [one, other].map(({ id }) => lookOf(world, [{ paint: id, drops: 1 }]))
    if (deltaE00(first!, last!) < LEAST_APART || ![first!, last!].every(canBeShown)) continue
    let [low, high] = [-2 * MOST, 2 * MOST]
    for (let k = 0; k < HALVINGS; k++) {
      const middle = (low + high) / 2
      const look = lookOf(world, at(middle))
      if (deltaE00(look, first!) < deltaE00(look, last!)) low = middle
      else high = middle
    }
    const look = lookOf(world, at(low))
    // ΔE00 jumps where hues are opposite: there is no half-way at such a place.
    const even = Math.abs(deltaE00(look, first!) - deltaE00(look, last!)) < EVEN
    if (!even || Math.abs(low) > MOST - 0.5 || !canBeShown(look)) continue
    return {
      kind: 'slide',
      skill: 'ratio',
      shown: [first!, last!],
      parts: at(0),
      truth: low,
      most: MOST,
    }
  }
  return undefined
}
