/** Standard deviation of one spectral reading, as a hand-held instrument repeats: about 0.2 ΔE00. */
export const readingNoise = (reflectance: number): number => 0.0004 + 0.0024 * reflectance

/** Where a colour comes from. */
export type ColourSource = 'photograph' | 'photograph without grey' | 'value'

/** Standard deviation of a colour in L*, a* and b*, by where it comes from (from our trials and memory). */
export const pickedNoise: Readonly<Record<ColourSource, number>> = {
  photograph: 1.2,
  'photograph without grey': 2.5,
  value: 0.5,
}
