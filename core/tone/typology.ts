import type { Lab } from '../colour/lab'

/** Classes of the individual typology angle, lightest first. */
export const typologyClasses = [
  { name: 'very light', above: 55 },
  { name: 'light', above: 41 },
  { name: 'intermediate', above: 28 },
  { name: 'tan', above: 10 },
  { name: 'brown', above: -30 },
  { name: 'deep', above: -Infinity },
] as const
export type TypologyClass = (typeof typologyClasses)[number]['name']

/**
 * Individual typology angle in degrees, ITA = atan((L* − 50)/b*)·180/π (Chardon, Cretois & Hourseau
 * 1991, Int. J. Cosmet. Sci. 13, 191). The colour is D65 Lab; b* at or below 0 is not skin, and the
 * angle then runs on past ±90°.
 */
export const typologyAngle = ({ L, b }: Lab): number => (Math.atan2(L - 50, b) * 180) / Math.PI

/**
 * The class an angle falls in, by the limits published with it.
 * @example typologyOf({ L: 60, a: 15, b: 18 }).name
 */
export const typologyOf = (lab: Lab): TypologyClass =>
  typologyClasses.find(({ above }) => typologyAngle(lab) > above)!.name
