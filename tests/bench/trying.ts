import { countRecipes, exhaustiveRecipes, labOf, mixPaints, opaqueReflectance } from '../../core'
import type { Lab, Limits, Paint } from '../../core'
import { seeded } from '../../core/numbers/seeded'
import { median, msOf } from './times'

const TARGETS = 10
export const random = seeded(11)

/** Colours that mixes of the box come near, a little beside them. */
export const targetsOf = (paints: readonly Paint[]): Lab[] =>
  Array.from({ length: TARGETS }, () => {
    const parts = [0, 1, 2].map(() => ({
      paint: paints[Math.floor(random() * paints.length)]!,
      drops: 1 + Math.floor(random() * 9),
    }))
    const { L, a, b } = labOf(opaqueReflectance(mixPaints(parts)))
    return { L: L + 0.6 * random(), a: a + 0.6 * random(), b: b + 0.6 * random() }
  })

const tried = new Map<string, number>()

/** Milliseconds that trying every recipe takes, measured once; of a large box reckoned from the rate on part of it. */
export function tryingAll(
  paints: readonly Paint[],
  limits: Limits,
  targets: readonly Lab[],
): number {
  const key = `${paints.length}/${limits.maxPaints}/${limits.maxDrops}`
  const known = tried.get(key)
  if (known) return known
  const part = paints.slice(0, 40)
  const ms = median(
    targets.map((target) =>
      msOf(() => void exhaustiveRecipes({ ...limits, paints: part, target })),
    ),
  )
  const all = (ms * countRecipes(paints.length, limits)) / countRecipes(part.length, limits)
  tried.set(key, all)
  return all
}
