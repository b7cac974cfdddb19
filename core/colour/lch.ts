import type { Lab } from './lab'

/** CIELAB in polar form; hue angle h in degrees, 0–360 (ISO/CIE 11664-4, 5.2). */
export interface Lch {
  L: number
  C: number
  h: number
}

/**
 * Hue angle in degrees, 0–360; 0 for a neutral.
 * @example hueOf({ L: 50, a: 0, b: 10 }) // 90
 */
export const hueOf = ({ a, b }: Lab): number => ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360

/** @example chromaOf({ L: 50, a: 3, b: 4 }) // 5 */
export const chromaOf = ({ a, b }: Lab): number => Math.hypot(a, b)

/** @example lchOf({ L: 50, a: 3, b: 4 }).C // 5 */
export const lchOf = (lab: Lab): Lch => ({ L: lab.L, C: chromaOf(lab), h: hueOf(lab) })

/**
 * CIELAB from polar form; keeps no white name, so add one when it is known.
 * @example labOfLch({ L: 50, C: 10, h: 90 }).b // 10
 */
export function labOfLch({ L, C, h }: Lch): Lab {
  const angle = (h * Math.PI) / 180
  return { L, a: C * Math.cos(angle), b: C * Math.sin(angle) }
}
