import type { Mixture } from './mixture'
import { mixPaints } from './mix'
import { weightsOf } from '../colour/weights'

/**
 * Tinting strength: luminance-weighted K/S that one part of the paint brings to nine parts of white,
 * beyond what the white has itself (after ASTM D4838, which compares tints by K/S). White itself is 0.
 * @example tintingStrength(ochre, white)
 */
export function tintingStrength(paint: Mixture, white: Mixture): number {
  const { y } = weightsOf()
  const absorbs = ({ K, S }: Mixture): number =>
    y.reduce((sum, weight, i) => sum + (weight * K[i]!) / S[i]!, 0)
  const tint = mixPaints([
    { paint, drops: 1 },
    { paint: white, drops: 9 },
  ])
  return absorbs(tint) - absorbs(white)
}
