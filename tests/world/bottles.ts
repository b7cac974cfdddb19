import { featuresOf, hobbyLoad, spectrumOf, starterPaints } from '../../core'
import type { Features, Mixture, Paint } from '../../core'

/** A bottle of the simulated world: nothing of it is known to the application but what is told. */
export interface Bottle extends Mixture {
  /** Colour Index names that are in it, as a label would say. */
  pigments: string[]
  /** Starter paints its pigments are closest to. */
  like: string[]
}

const singles = starterPaints.filter(({ id }) => featuresOf(id))
const whites = singles.filter(({ pigments }) => pigments[0]!.startsWith('PW'))
const coloured = singles.filter((paint) => !whites.includes(paint))

/** Gaussian error function's share below x (Abramowitz & Stegun 1964, 7.1.26), for edges that are no logistic. */
function below(x: number): number {
  const t = 1 / (1 + 0.3275911 * (Math.abs(x) / Math.SQRT2))
  const tail =
    t *
    (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))))
  const erf = 1 - tail * Math.exp(-(x * x) / 2)
  return 0.5 * (1 + Math.sign(x) * erf)
}
/** A band whose tails fall a little slower than a Gaussian's. */
const band = (x: number): number => Math.exp(-(Math.abs(x) ** 1.85) / 2)

/** Curves of features whose places, heights and widths differ from bottle to bottle, in shapes of their own. */
function curves(features: Features, normal: () => number, load: number): Mixture {
  const differs = (share: number): number => Math.exp(share * normal())
  const edges = (features.edges ?? []).map(({ nm, width, K }) => ({
    nm: nm + 2 * normal(),
    width: width * differs(0.08),
    K: K * differs(0.08),
  }))
  const bands = (features.bands ?? []).map(({ nm, width, K }) => ({
    nm: nm + 2 * normal(),
    width: width * differs(0.08),
    K: K * differs(0.08),
  }))
  const floor = features.floorK * differs(0.15)
  const strength = load * differs(0.3)
  const scatters = differs(0.15)
  const falls = features.falls + 0.15 * normal()
  return {
    K: spectrumOf((nm) => {
      let k = floor
      for (const edge of edges) k += edge.K * (1 - below((nm - edge.nm) / (0.42 * edge.width)))
      for (const one of bands) k += one.K * band((nm - one.nm) / one.width)
      return strength * k
    }),
    S: spectrumOf((nm) => strength * scatters * features.S * (nm / 550) ** -falls),
  }
}

/** A bottle of one pigment. */
export function singleBottle(paint: Paint, normal: () => number): Bottle {
  const load = hobbyLoad(paint.pigments)
  return {
    ...curves(featuresOf(paint.id)!, normal, load),
    pigments: [...paint.pigments],
    like: [paint.id],
  }
}

const oneOf = <T>(list: readonly T[], random: () => number): T =>
  list[Math.floor(random() * list.length)]!

export const anySingle = (random: () => number, normal: () => number): Bottle =>
  singleBottle(oneOf(coloured, random), normal)

/** A bottle filled from others. */
export function mixedBottle(parts: readonly { bottle: Mixture; share: number }[]): Mixture {
  const all = parts.reduce((sum, { share }) => sum + share, 0)
  const sum = (curve: 'K' | 'S') =>
    parts[0]!.bottle[curve].map((_, i) =>
      parts.reduce((total, { bottle, share }) => total + (share / all) * bottle[curve][i]!, 0),
    )
  return { K: sum('K'), S: sum('S') }
}

/** A bottle of two to four pigments, half of them with white. */
export function blendedBottle(random: () => number, normal: () => number): Bottle {
  const many = 2 + Math.floor(3 * random())
  const white = random() < 0.5
  const chosen = new Set<Paint>()
  if (white) chosen.add(oneOf(whites, random))
  while (chosen.size < many) chosen.add(oneOf(coloured, random))
  const parts = [...chosen].map((paint) => ({
    bottle: singleBottle(paint, normal),
    share: (whites.includes(paint) ? 2 : 1) * (0.15 + random()),
  }))
  return {
    ...mixedBottle(parts),
    pigments: parts.flatMap(({ bottle }) => bottle.pigments),
    like: parts.flatMap(({ bottle }) => bottle.like),
  }
}
