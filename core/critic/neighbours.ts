import type { Mixture } from '../paint/mixture'
import type { SeenFrom } from '../project/seenFrom'
import { usualRatios } from '../coats/answers/glazeSearch'
import { dryFilmUm } from '../coats/dryFilm'
import { deltaE00 } from '../colour/deltaE00'
import { labOf } from '../colour/lab'
import { filmReflectance } from '../paint/film'
import { rowsApart, seenOf } from '../range/apart'
import type { RowsApart, SeenRow } from '../range/apart'
import type { PaintedStep } from './paintedSkin'
import type { SkinMove, SkinPuddle } from './mendSkin'

/** Another figure that this one reads like. */
export interface Alike extends RowsApart {
  /** Place of the other among those that were given. */
  other: number
}

const rowOf = (steps: readonly PaintedStep[], sizeMm: number): SeenRow => ({
  steps: steps.map(({ lab, share }) => ({ lab, share })),
  base: steps.findIndex(({ key }) => key === 'base'),
  sizeMm,
})

/**
 * The figure that a painted one reads most like from a distance, if it reads like any (T27).
 * @example nearestAlike(seenSkin, [row], { sizeMm: 54, from: 'shelf' })?.other // 0
 */
export function nearestAlike(
  painted: readonly PaintedStep[],
  others: readonly SeenRow[],
  { sizeMm, from }: { sizeMm: number; from: SeenFrom },
): Alike | undefined {
  const mine = rowOf(painted, sizeMm)
  const found = others
    .map((row, other): Alike => ({ other, ...rowsApart(mine, row, from) }))
    .filter(({ alike }) => alike)
  return found.sort((one, other) => one.light + one.recess - other.light - other.recess)[0]
}

/** A glaze may move a skin from its plan by so much to set it apart, ΔE00. */
const MOST_OFF = 8

/**
 * The glaze over all of the skin that sets it apart from another, and from its plan as little as it can.
 * @param from how far apart they have to be is what this distance takes.
 * @returns nothing when no glaze of these bottles does.
 * @example setApartByGlaze(puddles, row, { sizeMm: 54, from: 'hand' }, new Map()) === undefined // true
 */
export function setApartByGlaze(
  painted: readonly SkinPuddle[],
  other: SeenRow,
  { sizeMm, from }: { sizeMm: number; from: SeenFrom },
  bottles: ReadonlyMap<string, Mixture>,
): SkinMove | undefined {
  const labs = painted.map(({ reflectance }) => labOf(reflectance))
  const seen = seenOf(
    rowOf(
      painted.map((step, i) => ({ ...step, lab: labs[i]! })),
      sizeMm,
    ),
  )
  let best: SkinMove | undefined
  for (const [bottle, mixture] of bottles)
    for (const thinner of usualRatios)
      for (const passes of [1, 2]) {
        const thicknessUm = dryFilmUm({ kind: 'glaze', thinner, passes }, 'flat')
        const steps = painted.map((step) => ({
          ...step,
          lab: labOf(filmReflectance(mixture, { thicknessUm, over: step.reflectance })),
        }))
        const row = rowOf(steps, sizeMm)
        if (rowsApart(row, other, from).alike) continue
        const after = deltaE00(seenOf(row).light, seen.light)
        if (after > MOST_OFF || (best && after >= best.after)) continue
        const over = painted.map(({ key }) => key)
        best = { of: { bottle }, kind: 'glaze', thinner, passes, over, before: 0, after }
      }
  return best
}
