import { slopeOfLab } from '../../colour/lab'
import { dot } from '../../numbers/dot'
import { inverseOf } from '../../numbers/inverseOf'
import type { Paint } from '../../paint/paint'
import { SHAPES } from '../../paint/uncertainty/basis'
import type { BottleDrops } from '../../puddle/parts'
import { axesOf, columnsOf } from './columns'
import { withoutDrops } from './evidence'
import { fitPaints } from './fitPaints'
import { modelled } from './readingModel'
import { MISFIT_LAB } from './reading'
import type { MixReading } from './reading'

/** Drops as they fall: how uneven they are is not known before much was read. */
const UNEVEN = 0.1

/** Reading this mix would make the doubt of all of them so much less. */
export interface Teaches {
  /** Its place in the list that was asked about. */
  at: number
  /** Share of the sum of variances, in L*, a* and b*, of all mixes that would go. */
  gain: number
}

/**
 * Which of some mixes, read next, teaches most of all of them: the one whose reading takes most off the sum of their
 * variances (A-optimal design of one more observation; Chaloner and Verdinelli 1995, Statistical Science 10, 273).
 * @param within standard deviation of the reading that would be made, in each of L*, a* and b*.
 * @returns the best first; nothing where no mix is given.
 * @throws RangeError for a mix of a paint that is not in the box.
 * @example teachesMost(readings.map(({ parts }) => parts), readings, box, 2)[0].at
 */
export function teachesMost(
  mixes: readonly (readonly BottleDrops[])[],
  readings: readonly MixReading[],
  box: readonly Paint[],
  within: number,
): Teaches[] {
  const used = new Set(
    [...readings.map(({ parts }) => parts), ...mixes].flat().map(({ paint }) => paint),
  )
  const paints = box.filter(({ id }) => used.has(id))
  const place = new Map(paints.map(({ id }, p) => [id, p]))
  for (const id of used)
    if (!place.has(id))
      throw new RangeError(`a mix names the paint "${id}", which is not in the box`)
  const size = paints.length * SHAPES
  const fitted = readings.length > 0 ? fitPaints(readings, paints, UNEVEN) : undefined
  const known = fitted?.paints ?? paints
  const axes = paints.map(axesOf)
  const sigma = Math.hypot(within, MISFIT_LAB)
  /** How L*, a* and b* of a mix move with every coefficient, and with the amounts of its parts. */
  const seen = mixes.map((parts) => {
    const members = parts.map(({ paint }) => place.get(paint)!)
    const drops = parts.map((part) => part.drops)
    const { R, byK, byS, byAmount } = modelled(
      members.map((p) => known[p]!),
      drops,
    )
    const slope = slopeOfLab(R)
    const inLab = (change: Float64Array): Float64Array => {
      const { L, a, b } = slope(change)
      return Float64Array.of(L, a, b)
    }
    const rows = [0, 1, 2].map(() => new Float64Array(size))
    members.forEach((p, m) =>
      columnsOf(axes[p]!, byK[m]!, byS[m]!).forEach((column, k) =>
        inLab(column).forEach((v, axis) => (rows[axis]![p * SHAPES + k]! += v)),
      ),
    )
    return { rows, drops, amounts: byAmount.map(inLab) }
  })
  const left = fitted && inverseOf(fitted.normal)
  const times = (v: Float64Array): Float64Array =>
    left ? Float64Array.from(left, (row) => dot(row, v)) : v
  const spread = seen.map(({ rows }) => rows.map(times))
  const all = seen.reduce(
    (sum, { rows }, n) => sum + rows.reduce((part, row, i) => part + dot(row, spread[n]![i]!), 0),
    0,
  )
  return seen
    .map(({ rows, drops, amounts }, at): Teaches => {
      // What its amounts may do to it is no news of its bottles.
      const { apply } = withoutDrops(
        amounts.map((v) => v.map((x) => x / sigma)),
        drops,
        UNEVEN,
      )
      const weight = [0, 1, 2].map((axis) => {
        const unit = new Float64Array(3)
        unit[axis] = 1
        return apply(unit).map((v) => v / sigma ** 2)
      })
      // Woodbury: what goes is C (W⁻¹ + B)⁻¹ Cᵀ, with B the variance of this mix and C how others go with it.
      const B = rows.map((row) => spread[at]!.map((other) => dot(row, other)))
      const WB = weight.map((row, i) =>
        Float64Array.from(
          { length: 3 },
          (_, j) => (i === j ? 1 : 0) + [0, 1, 2].reduce((sum, k) => sum + row[k]! * B[k]![j]!, 0),
        ),
      )
      const less = inverseOf(WB)
      let gone = 0
      seen.forEach((other) =>
        other.rows.forEach((row) => {
          const C = Float64Array.from(spread[at]!, (v) => dot(row, v))
          const WC = Float64Array.from(weight, (line) => dot(line, C))
          for (const [i, line] of less.entries()) gone += C[i]! * dot(line, WC)
        }),
      )
      return { at, gain: all > 0 ? gone / all : 0 }
    })
    .sort((one, other) => other.gain - one.gain || one.at - other.at)
}
