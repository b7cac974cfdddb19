import type { KeyDirection } from '../project/keyLight'
import { usualKey } from '../project/keyLight'
import { exposure, stepAt } from '../ladder/form/shares'
import type { Exposure } from '../ladder/form/shares'
import { keyVector, lightLevel } from '../ladder/form/lightLevel'
import { harmonics, reaching } from '../ladder/form/reach'
import { formSamples } from '../ladder/form/samples'
import type { FormSamples } from '../ladder/form/samples'
import { liesAt } from '../project/place'
import type { LightPlace, Place, ReliefPlace, Spot } from '../project/place'

/** How much has to cover a point for a recess and for the deepest, how bent it is on a ridge; from memory. */
const RECESS = 0.28
const DEEPEST = 0.55
const RIDGE = 5
/** Normals that fall more than this face down. */
const FACES_DOWN = -0.35
/** Share of the skin that a place of life takes; from memory, common practice, no source. */
export const PLACE_OF_LIFE = 0.03

/** A point of a form as it lies. */
export interface FormPoint {
  nx: number
  ny: number
  nz: number
  occlusion: number
  /** 1/units of length, positive on ridges; 0 where it is not known. */
  curvature: number
  /** How much of the key light reaches it, where that is known. */
  through?: number
}

/**
 * How deep a point lies, by what covers it and how it is bent.
 * @example reliefOf({ occlusion: 0.7, curvature: 0 }) // "deepest"
 */
export function reliefOf({
  occlusion,
  curvature,
}: Pick<FormPoint, 'occlusion' | 'curvature'>): ReliefPlace {
  if (occlusion >= DEEPEST) return 'deepest'
  if (occlusion >= RECESS) return 'recess'
  return curvature >= RIDGE ? 'ridge' : 'flat'
}

/** How a ladder parts the light: so many steps below the base and above it. */
export interface LightParts extends Exposure {
  below: number
  above: number
}
/**
 * The light as a figure's ladder parts it.
 * @param baseL lightness of the base, L*.
 * @example lightParts(60, 3, 3).edges.length // 6
 */
export const lightParts = (baseL: number, below: number, above: number): LightParts => ({
  ...exposure(baseL, below, above),
  below,
  above,
})

/**
 * The place of light that a step of a ladder stands for: the lower half of what is below the base is deep shadow, the
 * topmost of several lights the glint.
 * @param step 0 the darkest.
 * @example lightOfStep(0, { below: 3, above: 3 }) // "deep-shadow"
 */
export function lightOfStep(
  step: number,
  { below, above }: Pick<LightParts, 'below' | 'above'>,
): LightPlace {
  if (step < below) return below > 1 && step < Math.floor(below / 2) ? 'deep-shadow' : 'shadow'
  if (step === below) return 'middle'
  return above > 1 && step === below + above ? 'glint' : 'light'
}

/**
 * What kind of spot a point of a form is under a key light. A hollow that faces up takes the middle tone as its shadow
 * (common practice, no source).
 * @example spotOf({ nx: 0, ny: -1, nz: 0, occlusion: 0, curvature: 0 }, lightParts(60, 3, 3), [0, 1, 0]).down // true
 */
export function spotOf(
  { nx, ny, nz, occlusion, curvature, through }: FormPoint,
  parts: LightParts,
  key: readonly [number, number, number],
): Required<Omit<Spot, 'zone'>> {
  const level = lightLevel(nx, ny, nz, occlusion, key, through)
  const lit = ny > 0.1 ? Math.max(level, parts.hollow) : level
  return {
    relief: reliefOf({ occlusion, curvature }),
    light: lightOfStep(stepAt(parts, lit), parts),
    side: nx < 0 ? 'left' : 'right',
    down: ny < FACES_DOWN,
  }
}

/** Kinds of spots of a form and the share of the seen skin that each takes; the shares add to 1. */
export interface SpotShares {
  spots: readonly { spot: Required<Omit<Spot, 'zone'>>; share: number }[]
}

/**
 * How much of a form each kind of spot takes, as seen from the front.
 * @example spotShares(lightParts(60, 3, 3)).spots.length > 10 // true
 */
export function spotShares(
  parts: LightParts,
  form: FormSamples = formSamples(),
  key: KeyDirection = usualKey,
): SpotShares {
  const direction = keyVector(key)
  const sums = new Map<string, { spot: Required<Omit<Spot, 'zone'>>; share: number }>()
  const { normals, occlusion, areas, curvature, reach } = form
  const from = reach && harmonics(...direction, reach.terms)
  let all = 0
  for (let p = 0; p < areas.length; p++) {
    const area = areas[p]!
    if (area === 0) continue
    const point = {
      nx: normals[3 * p]!,
      ny: normals[3 * p + 1]!,
      nz: normals[3 * p + 2]!,
      occlusion: occlusion[p]!,
      curvature: curvature?.[p] ?? 0,
      ...(reach ? { through: reaching(reach, p, from!) } : {}),
    }
    const spot = spotOf(point, parts, direction)
    const name = `${spot.relief} ${spot.light} ${spot.side} ${spot.down}`
    const had = sums.get(name)
    if (had) had.share += area
    else sums.set(name, { spot, share: area })
    all += area
  }
  return { spots: [...sums.values()].map(({ spot, share }) => ({ spot, share: share / all })) }
}

/**
 * Share of the seen skin that a place takes. Places of life are not marked on a form: each counts for three parts in a
 * hundred of wherever else the place says.
 * @example shareOfPlace([{}], spotShares(lightParts(60, 3, 3))) // about 1
 */
export function shareOfPlace(place: Place, { spots }: SpotShares): number {
  const bare = place.filter(({ zones = [] }) => zones.length === 0)
  const named = new Set(place.flatMap(({ zones = [] }) => zones))
  let sum = 0
  for (const { spot, share } of spots) {
    // A spot in no place of life, and in each that is named.
    if (liesAt(bare, spot)) sum += share
    else
      for (const zone of named) if (liesAt(place, { ...spot, zone })) sum += share * PLACE_OF_LIFE
  }
  return Math.min(1, sum)
}
