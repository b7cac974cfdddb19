import type { Mixture } from '../mixture'
import { BANDS } from '../../colour/spectrum'
import type { Spectrum } from '../../colour/spectrum'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { normals, seeded } from '../../numbers/seeded'
import { opacityOf } from '../hiding'
import { mixPaints } from '../mix'
import { opaqueReflectance } from '../opaque'
import type { OpacityClass, Paint } from '../paint'
import { curvesOf, featuresOf } from '../pigment'
import type { Features } from '../pigment'
import { starterPaints } from '../starter'
import { hobbyLoad } from '../strengthKinds'

/** A bottle as it might stand on a shelf: what is believed before one is looked at. */
export interface LikelyBottle {
  /** log(K/S) and log S, band by band. */
  u: Spectrum
  v: Spectrum
  masstone: Lab
  opacity: OpacityClass
}

/** So many bottles, four in ten of one pigment. */
const MANY = 1000
const SINGLE = 0.4
const SEED = 17
/** How bottles of one pigment differ: places of edges and bands, nm; their heights and widths, strength and S. */
const DIFFERS = { nm: 2, height: 0.1, strength: 0.35, scatters: 0.15, falls: 0.15 }

/** Features as another maker's grind would have them. */
function varied(features: Features, normal: () => number): Features {
  const by = (sigma: number): number => Math.exp(sigma * normal())
  const feature = <T extends { nm: number; width: number; K: number }>(one: T): T => ({
    ...one,
    nm: one.nm + DIFFERS.nm * normal(),
    width: one.width * by(DIFFERS.height),
    K: one.K * by(DIFFERS.height),
  })
  return {
    edges: features.edges?.map(feature),
    bands: features.bands?.map(feature),
    floorK: features.floorK * by(DIFFERS.scatters),
    S: features.S * by(DIFFERS.scatters),
    falls: features.falls + DIFFERS.falls * normal(),
  }
}

/** K and S of a bottle of a starter's pigment, as another maker fills it. */
function likely(paint: Paint, normal: () => number): Mixture {
  const load = hobbyLoad(paint.pigments) * Math.exp(DIFFERS.strength * normal())
  const { K, S } = curvesOf(varied(featuresOf(paint.id)!, normal))
  return { K: K.map((k) => k * load), S: S.map((s) => s * load) }
}

const described = (mixture: Mixture): LikelyBottle => ({
  u: mixture.K.map((k, i) => Math.log(Math.max(1e-6, k) / Math.max(1e-6, mixture.S[i]!))),
  v: mixture.S.map((s) => Math.log(Math.max(1e-6, s))),
  masstone: labOf(opaqueReflectance(mixture)),
  opacity: opacityOf(mixture),
})

let made: LikelyBottle[] | undefined

/**
 * Plausible bottles: single pigments and blends of two to four with or without white, always the same. Made once, in
 * about a tenth of a second.
 */
export function likelyBottles(): readonly LikelyBottle[] {
  if (made) return made
  const random = seeded(SEED)
  const normal = normals(random)
  const pigments = starterPaints.filter(({ id }) => featuresOf(id))
  const white = pigments.filter(({ pigments: names }) => names[0]!.startsWith('PW'))
  const coloured = pigments.filter((paint) => !white.includes(paint))
  const one = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
  const blend = (): Mixture => {
    const many = 2 + Math.floor(3 * random())
    const parts = Array.from({ length: many }, (_, i) => {
      const paint = i === 0 && random() < 0.5 ? one(white) : one(coloured)
      return {
        paint: likely(paint, normal),
        drops: 0.15 + random() * (white.includes(paint) ? 2 : 1),
      }
    })
    return mixPaints(parts)
  }
  made = Array.from({ length: MANY }, () =>
    described(random() < SINGLE ? likely(one(pigments), normal) : blend()),
  )
  return made
}

/** Mean of curves and the deviation of their strength, weighted. */
export interface Belief {
  u: Float64Array
  v: Float64Array
  /** Of log S at 550 nm. */
  strength: number
  /** Of the mean of log(K/S). */
  depth: number
  /** Of a step of log(K/S) to the next band; usual for the library when not given. */
  step?: number
}

const GREEN = 17

export function weighted(bottles: readonly LikelyBottle[], weights: readonly number[]): Belief {
  const all = weights.reduce((a, b) => a + b, 0)
  const mean = (curve: 'u' | 'v'): Float64Array => {
    const sum = new Float64Array(BANDS)
    bottles.forEach((bottle, n) => {
      const w = weights[n]! / all
      if (w > 0) for (let i = 0; i < BANDS; i++) sum[i]! += w * bottle[curve][i]!
    })
    return sum
  }
  const v = mean('v')
  const variance = bottles.reduce(
    (sum, bottle, n) => sum + (weights[n]! / all) * (bottle.v[GREEN]! - v[GREEN]!) ** 2,
    0,
  )
  const u = mean('u')
  const meanOf = (curve: ArrayLike<number>): number =>
    Array.from(curve).reduce((a, b) => a + b, 0) / BANDS
  const middle = meanOf(u)
  const deep = bottles.reduce(
    (sum, bottle, n) => sum + (weights[n]! / all) * (meanOf(bottle.u) - middle) ** 2,
    0,
  )
  return { u, v, strength: Math.sqrt(variance), depth: Math.sqrt(deep) }
}
