import { labOfXyz, xyzOfLab } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import type { Spectrum } from '../../colour/spectrum'
import { weightsOf } from '../../colour/weights'
import { glareOf } from '../surface'
import type { Finish } from '../surface'

/** Nothing is blacker than this once its glare is taken away: what is left is noise. */
const LEAST = 0.002
/** Of the weakest channel of a picked colour so much may be glare. */
const MOST = 0.8

/**
 * A dry paint as it would be seen without the light that its surface scatters into the eye: the same everywhere, so much
 * of a perfect white.
 * @param colour a Lab (D65, 2°), or a reading.
 * @param finish how it dries; a gloss has no such glare.
 * @example withoutGlare({ L: 50, a: 0, b: 0 }, 'matt').L // 46.7
 */
export function withoutGlare<Of extends Lab | Spectrum>(colour: Of, finish: Finish): Of
export function withoutGlare(colour: Lab | Spectrum, finish: Finish): Lab | Spectrum {
  const glare = glareOf(finish)
  if (glare === 0) return colour
  if (!('L' in colour)) return colour.map((r) => Math.max(LEAST, r - glare))
  const { white } = weightsOf()
  const xyz = xyzOfLab(colour, white)
  // Noise may leave a dark colour less than its glare in a channel: it is not taken further than leaves a surface.
  const most = MOST * Math.min(...xyz.map((value, i) => value / white[i]!))
  const taken = Math.max(0, Math.min(glare, most))
  return labOfXyz(
    xyz.map((value, i) => value - taken * white[i]!) as [number, number, number],
    white,
  )
}
