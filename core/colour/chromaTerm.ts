const POW_25_7 = 25 ** 7

/**
 * √(C⁷/(C⁷ + 25⁷)), of which G and R_C of CIEDE2000 are made (ISO/CIE 11664-6:2014): G = (1 − this of C̄*)/2,
 * R_C = twice this of C̄′.
 * @param C a chroma, 0 or more.
 * @param times what else stands under the root.
 */
export function chromaTerm(C: number, times = 1): number {
  const c3 = C * C * C
  const c7 = c3 * c3 * C
  return Math.sqrt((times * c7) / (c7 + POW_25_7))
}
