/** Carotene equivalent of pale and of deep skins, µM, and the melanin they are told by (from our trials). */
const PALE = { melanin: 0.006, um: 25 }
const DEEP = { melanin: 0.3, um: 4 }

/**
 * Carotene equivalent that a complexion usually has, µM: much on pale skins, which would be pink-violet without,
 * little on deep ones; even in the logarithm of melanin between.
 * @example usualCarotene(0.006) // 25
 */
export function usualCarotene(melanin: number): number {
  const t = Math.log(melanin / PALE.melanin) / Math.log(DEEP.melanin / PALE.melanin)
  return PALE.um + Math.min(1, Math.max(0, t)) * (DEEP.um - PALE.um)
}
