/** Bounds of the weights of CIEDE2000 (ISO/CIE 11664-6:2014) that searches reckon with; proofs in docs/search.md. */

/** S_L at a mean lightness; it grows with the distance from 50. */
export const lightnessWeight = (meanL: number): number => {
  const l = meanL - 50
  return 1 + (0.015 * l * l) / Math.sqrt(20 + l * l)
}

const POW_25_7 = 25 ** 7
/** |R_T| where neither hue is below the red-green axis. */
export const LEAST_TURN = 1.1e-6
/** |R_T| is at most this at a mean chroma, whatever the hue. */
export function mostTurn(meanC: number): number {
  const c7 = meanC ** 7
  return 2 * Math.sin(Math.PI / 3) * Math.sqrt(c7 / (c7 + POW_25_7))
}
