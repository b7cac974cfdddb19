import type { Mixture } from '../paint/mixture'
import { deltaE00 } from '../colour/deltaE00'
import { displayColour } from '../colour/display'
import { labOf } from '../colour/lab'
import type { Lab } from '../colour/lab'
import { mixPaints } from '../paint/mix'
import { opaqueReflectance } from '../paint/opaque'
import type { EyePart, EyeWorld } from './exercise'
import { resolvedParts } from '../puddle/parts'

/** Chance between 0 and 1, as `seeded` gives it. */
export type Chance = () => number

export const drawnFrom = <T>(list: readonly T[], chance: Chance): T =>
  list[Math.min(list.length - 1, Math.floor(chance() * list.length))]!

/** The same things in an order of chance (Fisher and Yates). */
export function shuffled<T>(list: readonly T[], chance: Chance): T[] {
  const out = [...list]
  for (let i = out.length - 1; i > 0; i--) {
    const j = Math.floor(chance() * (i + 1))
    ;[out[i], out[j]] = [out[j]!, out[i]!]
  }
  return out
}

/** No colour is asked about that the screen cannot show. */
export const canBeShown = (lab: Lab): boolean => displayColour(lab).inGamut

const LARGEST = 120
const HALVINGS = 40

/** A colour that is so far from another, ΔE00, in a direction of L*, a*, b*. */
export function movedBy(from: Lab, [L, a, b]: readonly number[], apart: number): Lab {
  const at = (by: number): Lab => ({
    L: from.L + by * L!,
    a: from.a + by * a!,
    b: from.b + by * b!,
  })
  let [low, high] = [0, LARGEST]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (deltaE00(from, at(middle)) < apart) low = middle
    else high = middle
  }
  return at(low)
}

/** A direction of chance; along lightness alone for who does not tell hues. */
export function direction(chance: Chance, hues: boolean): number[] {
  if (!hues) return [chance() < 0.5 ? -1 : 1, 0, 0]
  const [z, turn] = [2 * chance() - 1, 2 * Math.PI * chance()]
  const flat = Math.sqrt(1 - z * z)
  return [z, flat * Math.cos(turn), flat * Math.sin(turn)]
}

/** Drops of the world's bottles as one paint. */
export function mixtureOf({ paints }: EyeWorld, parts: readonly EyePart[]): Mixture {
  return mixPaints(resolvedParts(parts, (id) => paints.find((paint) => paint.id === id)!))
}

/**
 * How a mix of drops looks, opaque.
 * @example lookOf({ paints: box, tones: [] }, [{ paint: box[0].id, drops: 1 }]).L > 0 // true
 */
export const lookOf = (world: EyeWorld, parts: readonly EyePart[]): Lab =>
  labOf(opaqueReflectance(mixtureOf(world, parts)))

/** A mix of two or three bottles in whole drops. */
export function someMix({ paints }: EyeWorld, chance: Chance, most = 5): EyePart[] {
  const many = 2 + Math.floor(2 * chance())
  return shuffled(paints, chance)
    .slice(0, many)
    .map(({ id }) => ({ paint: id, drops: 1 + Math.floor(most * chance()) }))
}

/** Of several that were made, the one whose difference comes nearest to what is wanted, as a ratio. */
export function nearest<T extends { level: number }>(
  wanted: number,
  tries: number,
  make: () => T | undefined,
): T | undefined {
  let best: T | undefined
  const far = ({ level }: T): number => Math.abs(Math.log(level / wanted))
  for (let i = 0; i < tries; i++) {
    const one = make()
    if (one && one.level > 0 && (!best || far(one) < far(best))) best = one
  }
  return best
}
