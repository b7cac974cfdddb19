import { encode } from '../../colour/display'

const STEPS = 1 << 14
const table = Uint8ClampedArray.from({ length: STEPS + 1 }, (_, i) =>
  Math.round(255 * encode(i / STEPS)),
)

/** sRGB byte of a linear component, looked up; at the dark end exact to 1/255. */
export const byteOfLinear = (v: number): number =>
  v <= 0 ? 0 : v >= 1 ? 255 : table[(v * STEPS + 0.5) | 0]!
