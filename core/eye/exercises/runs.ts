import { deltaE00 } from '../../colour/deltaE00'
import type { Lab } from '../../colour/lab'
import type { EyeOption, EyeWorld, OrderExercise, PickExercise } from '../exercise'
import { canBeShown, direction, lookOf, movedBy, drawnFrom, shuffled, someMix } from '../looks'
import type { Chance } from '../looks'

const TRIES = 80
const MANY = 6
/** Steps of a ladder, the two ends included, which are never the ones that break it. */
const STEPS = 7
const LEAST_RUN = 25

/** Six swatches to be put in order, dark to light, each so much lighter than the one before; their hues are of chance. */
export function ordered(world: EyeWorld, level: number, chance: Chance): OrderExercise | undefined {
  for (let i = 0; i < TRIES; i++) {
    const middle = 35 + 35 * chance()
    const looks: Lab[] = Array.from({ length: MANY }, (_, k) => ({
      ...lookOf(world, someMix(world, chance)),
      L: middle + (k - (MANY - 1) / 2) * level,
    }))
    if (!looks.every(canBeShown)) continue
    const sorted: EyeOption[] = looks.map((lab) => ({ looks: [lab], value: lab.L }))
    const options = shuffled(sorted, chance)
    const order = sorted.map((one) => options.indexOf(one))
    return { kind: 'order', skill: 'order', shown: [], options, order, level }
  }
  return undefined
}

/** An even ladder from one colour to another, one of whose steps is off by so much, ΔE00. */
export function broken(
  world: EyeWorld,
  level: number,
  chance: Chance,
  hues: boolean,
): PickExercise | undefined {
  for (let i = 0; i < TRIES; i++) {
    const [one, other] = [drawnFrom(world.tones, chance), drawnFrom(world.tones, chance)]
    if (Math.abs(one.L - other.L) < LEAST_RUN) continue
    const [dark, light] = one.L < other.L ? [one, other] : [other, one]
    const even = Array.from({ length: STEPS }, (_, k): Lab => {
      const at = (from: number, to: number): number => from + ((to - from) * k) / (STEPS - 1)
      return { L: at(dark.L, light.L), a: at(dark.a, light.a), b: at(dark.b, light.b) }
    })
    const right = 1 + Math.floor((STEPS - 2) * chance())
    const looks = even.map((lab, k) =>
      k === right ? movedBy(lab, direction(chance, hues), level) : lab,
    )
    if (!looks.every(canBeShown)) continue
    const options = looks.map((lab, k) => ({ looks: [lab], value: deltaE00(lab, even[k]!) }))
    return { kind: 'pick', skill: 'breaks', shown: [], options, right, level }
  }
  return undefined
}
