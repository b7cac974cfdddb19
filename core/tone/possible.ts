import { labOfLch } from '../colour/lch'
import type { Lch } from '../colour/lch'
import type { Lab } from '../colour/lab'
import { smoothestReflectance } from '../colour/smoothest'

/** So much chroma is given up at a time. */
const STEP = 2

/**
 * The nearest colour of less chroma that a surface can have; the colour itself where it can.
 * @example possibleLab({ L: 95, C: 120, h: 290 }).L // 95
 */
export function possibleLab({ L, C, h }: Lch): Lab {
  for (let less = C; less > 0; less -= STEP)
    try {
      const { a, b } = labOfLch({ L, C: less, h })
      smoothestReflectance({ L, a, b })
      return { L, a, b }
    } catch (error) {
      if (!(error instanceof RangeError)) throw error
    }
  return { L, a: 0, b: 0 }
}
