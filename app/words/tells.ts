/** Shares that hands pour and eyes see, in words. */
const SHARES = [
  [0.1, 'a tenth'],
  [0.2, 'a fifth'],
  [0.25, 'a quarter'],
  [0.33, 'a third'],
  [0.5, 'half'],
  [0.75, 'three quarters'],
  [1, 'once'],
] as const
/** A share in words, by the nearest there is. */
export const roughShare = (share: number): string =>
  SHARES.reduce((best, one) =>
    Math.abs(one[0] - share) < Math.abs(best[0] - share) ? one : best,
  )[1]

/** Less than this is told by nobody. */
const SEEN = 0.08

/**
 * How strong a bottle reads beside what it was told to be.
 * @param ratio its tinting strength by that which was told.
 * @example readsWords('yellow ochre', 0.8) // 'yellow ochre reads a fifth weaker'
 */
export function readsWords(name: string, ratio: number): string {
  if (Math.abs(ratio - 1) < SEEN) return `${name} reads as told`
  if (ratio > 1.9) return `${name} reads ${ratio.toFixed(1)} times as strong`
  return `${name} reads ${roughShare(Math.abs(ratio - 1))} ${ratio < 1 ? 'weaker' : 'stronger'}`
}
