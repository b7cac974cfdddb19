import { deltaE00Of } from '../colour/deltaE00'
import { labOfXyz, xyzOf, xyzOfLab } from '../colour/lab'
import type { Lab } from '../colour/lab'
import { nelderMead } from '../numbers/nelderMead'
import { whitePoint } from '../colour/white'
import { clampedSkin, skinReflectance } from './skin'
import type { Skin } from './skin'
import { toneLab } from './tone'
import { usualCarotene } from './usualCarotene'
import type { Tone } from './tone'

export interface FittedSkin {
  skin: Skin
  /** Mean ΔE00 over the tones that were to be explained. */
  off: number
}

const toSkin = ([melanin, blood, oxygenation, carotene]: readonly number[]): Skin =>
  clampedSkin({
    melanin: Math.exp(melanin!),
    blood: Math.exp(blood!),
    oxygenation: 0.98 / (1 + Math.exp(-oxygenation!)),
    carotene: Math.exp(carotene!),
  })

/** Starting points over the range, light to dark. */
const STARTS = [0.006, 0.025, 0.09, 0.3].map((melanin) => [
  Math.log(melanin),
  Math.log(0.02),
  1.2,
  Math.log(usualCarotene(melanin)),
])

/**
 * The skin that explains colours best. The tone at `anchor` is taken as seen in full light; the others
 * are the same skin in more or less light, so each is scaled to its own luminance.
 * A weak pull holds what the colours do not tell to common values.
 * @param tones Lab, D65, 2°.
 * @throws RangeError when there is no tone.
 * @example fitSkin([toneLab(tone)]).off < 0.5 // true
 */
export function fitSkin(tones: readonly Lab[], anchor = Math.floor(tones.length / 2)): FittedSkin {
  const main = tones[anchor]
  if (!main) throw new RangeError('there is no tone to explain; at least one is needed')
  const white = whitePoint()
  const seen = tones.map((lab) => ({ lab, Y: xyzOfLab(lab, white)[1] }))
  const offOf = (skin: Skin): number => {
    const xyz = xyzOf(skinReflectance(skin))
    let sum = 0
    seen.forEach(({ lab, Y }, i) => {
      const gain = i === anchor ? 1 : Y / xyz[1]
      const { L, a, b } = labOfXyz([xyz[0] * gain, xyz[1] * gain, xyz[2] * gain], white)
      sum += (i === anchor ? tones.length : 1) * deltaE00Of(L, a, b, lab.L, lab.a, lab.b)
    })
    return sum / (2 * tones.length - 1)
  }
  const cost = (x: readonly number[]): number =>
    offOf(toSkin(x)) +
    0.01 * ((x[2]! - 1.2) ** 2 + (x[3]! - Math.log(usualCarotene(Math.exp(x[0]!)))) ** 2)
  const best = STARTS.map((start) => nelderMead(cost, start, [0.6, 0.5, 0.8, 0.5])).reduce(
    (one, other) => (other.value < one.value ? other : one),
  )
  const skin = toSkin(best.x)
  return { skin, off: offOf(skin) }
}

/** Further off than this the model is no longer believed to be the reason: its own error is ±3. */
const BELIEVED = 4

/**
 * Skin where a skin explains the tones, else a hide of the anchor's colour. Says how far off it is.
 * @example fitTone([{ L: 50, a: -30, b: 30 }]).tone.kind // "hide"
 */
export function fitTone(
  tones: readonly Lab[],
  anchor = Math.floor(tones.length / 2),
): { tone: Tone; off: number; skinOff: number } {
  const { skin, off } = fitSkin(tones, anchor)
  if (off <= BELIEVED) return { tone: { kind: 'skin', ...skin }, off, skinOff: off }
  const { L, a, b } = tones[anchor]!
  const tone: Tone = { kind: 'hide', lab: { L, a, b } }
  const lab = toneLab(tone)
  return { tone, off: deltaE00Of(lab.L, lab.a, lab.b, L, a, b), skinOff: off }
}

/** What explains the tones of a picture. */
export interface PictureFit {
  tone: Tone
  /** Mean ΔE00 that is left, and what would be left if it were skin. */
  off: number
  skinOff: number
}

/**
 * The same for tones found in a picture: the one that covers most of it is taken as seen in full light.
 * @throws RangeError when there is no tone.
 * @example fitPicture([{ lab: flesh, share: 1 }]).tone.kind
 */
export function fitPicture(tones: readonly { lab: Lab; share: number }[]): PictureFit {
  const anchor = tones.reduce((best, one, i) => (one.share > tones[best]!.share ? i : best), 0)
  return fitTone(
    tones.map(({ lab }) => lab),
    anchor,
  )
}
