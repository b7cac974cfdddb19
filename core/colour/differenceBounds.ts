import { chromaTerm } from './chromaTerm'

/** Bounds of the weights of CIEDE2000 (ISO/CIE 11664-6:2014) that searches reckon with; proofs in docs/search.md. */

/** S_L at a mean lightness; it grows with the distance from 50. */
export const SL = (meanL: number): number => {
  const l = meanL - 50
  return 1 + (0.015 * l * l) / Math.sqrt(20 + l * l)
}

/** |R_T| where neither hue is below the red-green axis. */
export const LEAST_RT = 1.1e-6
/** |R_T| is at most this at a mean chroma, whatever the hue. */
export const mostRT = (meanC: number): number => 2 * Math.sin(Math.PI / 3) * chromaTerm(meanC)
