import { BANDS } from '../../colour/spectrum'
import { dot } from '../../numbers/dot'
import { solve } from '../../numbers/solve'
import type { Paint } from '../../paint/paint'
import { moved, SHAPES } from '../../paint/uncertainty/basis'
import { packedFactor } from '../../paint/uncertainty/cholesky'
import { STARTER_SPREAD } from '../../paint/uncertainty/spread'
import { withoutDrops } from './evidence'
import { axesOf, columnsOf } from './columns'
import { modelled } from './readingModel'
import type { MixReading } from './reading'
import { whitened } from './reading'

const ROUNDS = 10
/** What smooth shapes cannot follow of a curve, one standard deviation of log K in a band. */
const BAND_SIGMA = 0.08

export interface Fitted {
  paints: Paint[]
  /** JᵀMJ + 1 in the paints' own coefficients, rows. */
  normal: Float64Array[]
  /** Weighted squares of all readings, and what the evidence is judged by: that and how free the drops are. */
  squares: number
  evidence: number
  /** Numbers that were read. */
  read: number
}

/** Curves moved by coefficients z in units of the spread's own axes. */
function movedBy(paint: Paint, z: ArrayLike<number>, from: number): Paint {
  const spread = paint.spread ?? STARTER_SPREAD
  const by = Array.from({ length: SHAPES }, (_, i) => {
    let sum = 0
    for (let j = 0; j <= i; j++) sum += packedFactor(spread, i, j) * z[from + j]!
    return sum
  })
  return { ...paint, ...moved(paint, by) }
}

/** One reading at some curves: what is left to explain, whitened, and how every part's curves move its reflectance. */
function looked(reading: MixReading, members: readonly number[], paints: readonly Paint[]) {
  const drops = reading.parts.map((part) => part.drops)
  const { R, byK, byS, byAmount } = modelled(
    members.map((p) => paints[p]!),
    drops,
  )
  const { off, white } = whitened(reading, R)
  return { drops, off, white, byK, byS, byAmount: byAmount.map(white) }
}

/**
 * Least squares with the paints' spreads as prior, in ten smooth shapes a paint, by Gauss and Newton; uneven drops are
 * weighed out. Then what smooth shapes cannot follow, band by band.
 * @param sigma how uneven drops are, as a share.
 */
export function fitPaints(
  readings: readonly MixReading[],
  paints: readonly Paint[],
  sigma: number,
): Fitted {
  const place = new Map(paints.map(({ id }, i) => [id, i]))
  const members = readings.map(({ parts }) => parts.map(({ paint }) => place.get(paint)!))
  const axes = paints.map(axesOf)
  const size = paints.length * SHAPES
  const at = (z: Float64Array) => {
    const list = paints.map((paint, p) => movedBy(paint, z, p * SHAPES))
    return readings.map((reading, n) => looked(reading, members[n]!, list))
  }
  const costOf = (z: Float64Array): number =>
    at(z).reduce(
      (sum, { off, byAmount, drops }) => {
        const kept = withoutDrops(byAmount, drops, sigma).apply(off)
        return sum + dot(off, kept)
      },
      z.reduce((all, v) => all + v * v, 0),
    )
  let z = new Float64Array(size)
  let now = costOf(z)
  let normal: Float64Array[] = []
  for (let round = 0; round < ROUNDS; round++) {
    normal = Array.from({ length: size }, (_, i) => {
      const row = new Float64Array(size)
      row[i] = 1
      return row
    })
    const right = z.map((v) => -v)
    at(z).forEach((one, n) => {
      const columns = members[n]!.flatMap((p, m) =>
        columnsOf(axes[p]!, one.byK[m]!, one.byS[m]!).map(one.white),
      )
      const places = members[n]!.flatMap((p) =>
        Array.from({ length: SHAPES }, (_, k) => p * SHAPES + k),
      )
      const { apply } = withoutDrops(one.byAmount, one.drops, sigma)
      const kept = columns.map(apply)
      places.forEach((a, i) => {
        right[a]! += dot(kept[i]!, one.off)
        places.forEach((c, k) => {
          normal[a]![c]! += dot(kept[i]!, columns[k]!)
        })
      })
    })
    const step = solve(
      normal.map((row) => row.slice()),
      right,
    )
    // Half steps until it is better: far from the answer a whole one may overshoot.
    let share = 1
    let next = z.map((v, i) => v + step[i]!)
    let then = costOf(next)
    while (then > now && share > 1e-3) {
      share /= 2
      next = z.map((v, i) => v + share * step[i]!)
      then = costOf(next)
    }
    if (then >= now) break
    const settled = now - then < 1e-2
    z = next
    now = then
    if (settled) break
  }
  const smooth = paints.map((paint, p) => movedBy(paint, z, p * SHAPES))
  const found = bandByBand(readings, members, smooth, sigma)
  let [squares, evidence, read] = [0, 0, 0]
  readings.forEach((reading, n) => {
    const one = looked(reading, members[n]!, found)
    const { apply, logDet } = withoutDrops(one.byAmount, one.drops, sigma)
    const cost = dot(one.off, apply(one.off))
    squares += cost
    read += one.off.length
    evidence += cost + logDet
  })
  return { paints: found, normal, squares, evidence, read }
}

/**
 * What is left in each band of spectra is a ridge regression of its own: log K of every paint there, held near the
 * shapes.
 */
function bandByBand(
  all: readonly MixReading[],
  membersOfAll: readonly (readonly number[])[],
  paints: readonly Paint[],
  sigma: number,
): Paint[] {
  const spectral = all.map((reading) => 'reflectance' in reading)
  const readings = all.filter((_, n) => spectral[n])
  const members = membersOfAll.filter((_, n) => spectral[n])
  let list = [...paints]
  for (let round = 0; round < 2; round++) {
    const seen = readings.map((reading, n) => {
      const one = looked(reading, members[n]!, list)
      return {
        byK: one.byK.map(one.white),
        off: withoutDrops(one.byAmount, one.drops, sigma).apply(one.off),
      }
    })
    const change = list.map(() => new Float64Array(BANDS))
    for (let i = 0; i < BANDS; i++) {
      const A = list.map((_, p) => {
        const row = new Float64Array(list.length)
        row[p] = BAND_SIGMA ** -2
        return row
      })
      const right = list.map((_, p) => {
        const was = Math.log(list[p]!.K[i]! / paints[p]!.K[i]!)
        return -was / BAND_SIGMA ** 2
      })
      seen.forEach(({ off, byK }, n) =>
        members[n]!.forEach((p, m) => {
          right[p]! += byK[m]![i]! * off[i]!
          members[n]!.forEach((q, k) => (A[p]![q]! += byK[m]![i]! * byK[k]![i]!))
        }),
      )
      solve(A, Float64Array.from(right)).forEach((by, p) => (change[p]![i] = by))
    }
    list = list.map((paint, p) => ({
      ...paint,
      K: paint.K.map((k, i) => k * Math.exp(change[p]![i]!)),
    }))
  }
  return list
}
