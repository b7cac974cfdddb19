import { labOfXyz } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { oklabOfXyz, xyzOfOklab } from '../../colour/oklab'
import { xyzOfRgb } from '../../colour/display'
import { whitePoint } from '../../colour/white'
import type { XYZ } from '../../colour/white'
import type { XyzCorrection } from './neutral'
import type { Mask, Picture } from './picture'

/** A tone found in a picture: its colour, D65, 2°, and its share of the chosen pixels. */
export interface PictureTone {
  lab: Lab
  share: number
}

/** As many pixels as are looked at, evenly spread over those that were chosen. */
const MOST_PIXELS = 20000
const LEAST_PIXELS = 12
const ROUNDS = 40
/** Distance in OKLab a, b from the middle of the skin beyond which a pixel hardly counts. */
const FAR = 0.09
/** Lights near the screen's white are taken for highlights. */
const BURNT = 250

interface Sample {
  lab: XYZ
  weight: number
}

function samples(picture: Picture, mask: Mask | undefined, correct: XyzCorrection): Sample[] {
  const { pixels, width, height } = picture
  const chosen: number[] = []
  for (let i = 0; i < width * height; i++) if (!mask || mask[i]) chosen.push(i)
  const step = Math.max(1, Math.floor(chosen.length / MOST_PIXELS))
  const found: Sample[] = []
  for (let k = 0; k < chosen.length; k += step) {
    const at = 4 * chosen[k]!
    const rgb = [pixels[at]!, pixels[at + 1]!, pixels[at + 2]!] as const
    if (Math.max(...rgb) >= BURNT || pixels[at + 3]! < 128) continue
    const xyz = correct(xyzOfRgb([rgb[0] / 255, rgb[1] / 255, rgb[2] / 255]))
    found.push({ lab: oklabOfXyz(xyz), weight: 1 })
  }
  return found
}

const middle = (values: number[]): number => values.sort((a, b) => a - b)[values.length >> 1]!

/**
 * Hair, eyes and highlights are not skin: what lies far from the middle hue and chroma counts for
 * little, by Tukey's biweight on the distance in a, b relative to lightness.
 */
function weigh(found: Sample[]): void {
  // Shadow of one skin keeps the ratio of a and b to L, so distances are taken on that ratio.
  const ratio = ({ lab }: Sample, c: 1 | 2): number => lab[c] / Math.max(0.08, lab[0])
  const [ma, mb] = ([1, 2] as const).map((c) => middle(found.map((one) => ratio(one, c))))
  const apart = (one: Sample): number => Math.hypot(ratio(one, 1) - ma!, ratio(one, 2) - mb!)
  const spread = middle(found.map(apart))
  const reach = Math.max(FAR, 5 * spread)
  for (const one of found) {
    const u = apart(one) / reach
    one.weight = u < 1 ? (1 - u * u) ** 2 : 0
  }
}

interface Clusters {
  centres: XYZ[]
  shares: number[]
  /** Weighted squared distance of the samples from their centres. */
  cost: number
}

const squared = (one: XYZ, other: XYZ): number =>
  (one[0] - other[0]) ** 2 + (one[1] - other[1]) ** 2 + (one[2] - other[2]) ** 2

/** Lloyd's rounds from given centres until nothing moves. */
function settle(kept: readonly Sample[], from: XYZ[]): Clusters {
  let centres = from
  let shares: number[] = []
  let cost = 0
  for (let round = 0; round < ROUNDS; round++) {
    const sums = centres.map(() => [0, 0, 0, 0])
    cost = 0
    for (const { lab, weight } of kept) {
      let best = 0
      let least = Infinity
      for (let k = 0; k < centres.length; k++) {
        const d = squared(lab, centres[k]!)
        if (d < least) [least, best] = [d, k]
      }
      const sum = sums[best]!
      for (let c = 0; c < 3; c++) sum[c]! += weight * lab[c]!
      sum[3]! += weight
      cost += weight * least
    }
    const total = sums.reduce((all, sum) => all + sum[3]!, 0)
    shares = sums.map((sum) => sum[3]! / total)
    const next = sums.map((sum, k) =>
      sum[3]! > 0 ? ([0, 1, 2].map((c) => sum[c]! / sum[3]!) as XYZ) : centres[k]!,
    )
    const moved = next.some((centre, k) => squared(centre, centres[k]!) > 1e-12)
    centres = next
    if (!moved) break
  }
  return { centres, shares, cost }
}

/** Where the rounds start: even steps of lightness, even shares of the samples, and furthest from each other. */
function starts(kept: readonly Sample[], count: number): XYZ[][] {
  const low = kept[0]!.lab[0]
  const high = kept.at(-1)!.lab[0]
  const places = Array.from({ length: count }, (_, k) => (k + 0.5) / count)
  const closestTo = (L: number): XYZ =>
    kept.reduce((best, one) => (Math.abs(one.lab[0] - L) < Math.abs(best.lab[0] - L) ? one : best))
      .lab
  const furthest: XYZ[] = [kept[kept.length >> 1]!.lab]
  while (furthest.length < count)
    furthest.push(
      kept.reduce((best, one) => {
        const gap = ({ lab, weight }: Sample): number =>
          weight * Math.min(...furthest.map((centre) => squared(lab, centre)))
        return gap(one) > gap(best) ? one : best
      }).lab,
    )
  return [
    places.map((t) => closestTo(low + t * (high - low))),
    places.map((t) => kept[Math.floor(t * kept.length)]!.lab),
    furthest,
  ]
}

/**
 * Three to seven tones from dark to light of the chosen part of a picture: weighted clusters in OKLab,
 * the best of three fixed starts, so that the same picture always gives the same tones.
 * @throws RangeError when the count is out of range or too few pixels can be used.
 * @example pictureTones(cardPicture, { count: 3, correct: assumedDaylight }).length // 3
 */
export function pictureTones(
  picture: Picture,
  { mask, count, correct }: { mask?: Mask; count: number; correct: XyzCorrection },
): PictureTone[] {
  if (!(Number.isInteger(count) && count >= 3 && count <= 7))
    throw new RangeError(`${count} tones; allowed is 3 to 7`)
  const found = samples(picture, mask, correct)
  if (found.length < LEAST_PIXELS)
    throw new RangeError(
      `only ${found.length} usable pixels are chosen; brush over more of the skin (${LEAST_PIXELS} at least)`,
    )
  weigh(found)
  const counted = found.filter(({ weight }) => weight > 0.05)
  counted.sort((one, other) => one.lab[0] - other.lab[0])
  // The outermost two in a hundred at either end are specks: glints above, holes below.
  const trim = Math.floor(counted.length * 0.02)
  const kept = counted.slice(trim, counted.length - trim)
  const { centres, shares } = starts(kept, count)
    .map((from) => settle(kept, from))
    .reduce((best, one) => (one.cost < best.cost ? one : best))
  return centres
    .map((centre, k) => ({
      lab: labOfXyz(xyzOfOklab(centre), whitePoint(), 'D65/2'),
      share: shares[k]!,
    }))
    .sort((one, other) => one.lab.L - other.lab.L)
}
