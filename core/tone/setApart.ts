import { deltaE00 } from '../colour/deltaE00'
import type { Lab } from '../colour/lab'
import { hueOf, lchOf, labOfLch } from '../colour/lch'

/** How one hide stands to another. */
export interface Apart {
  /** Lightness of this one less that of the other, L*. */
  lightness: number
  /** Hue of this one less that of the other, degrees, −180 to 180. */
  hue: number
  deltaE00: number
}

/** @example apartFrom(flesh, { ...flesh, L: 40 }).deltaE00 */
export const apartFrom = (one: Lab, other: Lab): Apart => ({
  lightness: one.L - other.L,
  hue: ((hueOf(one) - hueOf(other) + 540) % 360) - 180,
  deltaE00: deltaE00(one, other),
})

/** Told apart at a glance at arm's length; common practice, no source. */
export const APART_DELTA = 12

/** Steps of lightness and degrees of hue that a move may take. */
const MOST_L = 24
const MOST_HUE = 60

/**
 * Moves a colour in lightness and hue, no more than needed, until it stands apart from all others (T27).
 * @param allowed refuses colours that no surface or no mix of the box has.
 * @returns the moved colour; the one that stands furthest apart when none stands far enough.
 * @example setApart(flesh, [flesh]).L
 */
export function setApart(
  lab: Lab,
  others: readonly Lab[],
  allowed: (lab: Lab) => boolean = () => true,
  wanted = APART_DELTA,
): Lab {
  const { L, C, h } = lchOf(lab)
  const nearest = (one: Lab): number =>
    others.reduce((least, other) => Math.min(least, deltaE00(one, other)), Infinity)
  if (nearest(lab) >= wanted) return lab
  let best: { lab: Lab; effort: number; gap: number } = { lab, effort: Infinity, gap: nearest(lab) }
  for (let dL = -MOST_L; dL <= MOST_L; dL += 2)
    for (let dh = -MOST_HUE; dh <= MOST_HUE; dh += 5) {
      if (L + dL < 8 || L + dL > 95) continue
      const moved: Lab = { ...labOfLch({ L: L + dL, C, h: h + dh }), white: lab.white }
      if (!allowed(moved)) continue
      const gap = nearest(moved)
      const effort = deltaE00(lab, moved)
      const better =
        gap >= wanted
          ? best.gap < wanted || effort < best.effort
          : best.gap < wanted && gap > best.gap
      if (better) best = { lab: moved, effort, gap }
    }
  return best.lab
}
