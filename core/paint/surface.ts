/**
 * The boundary between paint and air (Saunderson 1942, J. Opt. Soc. Am. 32, 727).
 * k1: share of outside light reflected before it enters; k2: share of inside light turned back at
 * the boundary; for a binder of index 1.5, k1 = 0.04 and k2 ≈ 0.6 (published).
 */
export const K1 = 0.04
export const K2 = 0.6

export const finishes = ['matt', 'satin', 'gloss'] as const
export type Finish = (typeof finishes)[number]

/**
 * Share of k1 that scatters into the eye instead of leaving in the mirror direction; from memory.
 * Instruments that exclude the specular part see what `gloss` gives.
 */
const glare: Record<Finish, number> = { gloss: 0, satin: 0.25, matt: 0.7 }

/** What a surface adds to every band of what is seen, as a share of a perfect white. */
export const glareOf = (finish: Finish): number => K1 * glare[finish]

/** Reflectance seen outside, from the reflectance inside the film. */
export const outside = (inside: number, finish: Finish = 'gloss'): number =>
  glareOf(finish) + ((1 - K1) * (1 - K2) * inside) / (1 - K2 * inside)

/** Reflectance inside the film, from the one seen outside; the inverse of `outside`, held within 0–1. */
export function inside(seen: number, finish: Finish = 'gloss'): number {
  const light = seen - glareOf(finish)
  return Math.min(1, Math.max(0, light / ((1 - K1) * (1 - K2) + K2 * light)))
}

/** The brightest a surface can measure: a perfect scatterer under the boundary. */
export const BRIGHTEST = outside(1)
