/** Standard deviation of one spectral reading, as a hand-held instrument repeats: about 0.2 ΔE00. */
export const readingNoise = (reflectance: number): number => 0.0004 + 0.0024 * reflectance

/** Standard deviation of a colour that was picked from a picture or a chart, in L*, a* and b*. */
export const PICKED_NOISE = 1.2
