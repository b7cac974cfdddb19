/** Dry film a brush coat of unthinned paint leaves, µm; thinned 1:1 it leaves about 10 (from memory). */
const NEAT_COAT_UM = 20

/** A glaze is wicked off the brush first, so its wet film is about a quarter of a layer's (from memory). */
const WICKED = 0.25

/**
 * Dry thickness in µm of one brush coat thinned with water.
 * @param partsOfThinner parts of thinner to one of paint.
 * @param wicked whether the brush was touched to a cloth first, as for a glaze.
 * @example coatThicknessUm(1) // 10
 */
export function coatThicknessUm(partsOfThinner: number, wicked = false): number {
  if (!(partsOfThinner >= 0))
    throw new RangeError(`${partsOfThinner} parts of thinner; allowed is 0 or more`)
  return (NEAT_COAT_UM / (1 + partsOfThinner)) * (wicked ? WICKED : 1)
}
