import { readingNoise } from '../../paint/calibration/noise'
import { BANDS } from '../../colour/spectrum'
import type { Spectrum } from '../../colour/spectrum'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { solve } from '../../numbers/solve'
import { mixPaints } from '../../paint/mix'
import type { Part } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { moved, SHAPES } from '../../paint/uncertainty/basis'
import { choleskyOf, packed } from '../../paint/uncertainty/cholesky'
import { STARTER_SPREAD } from '../../paint/uncertainty/spread'

/** A mix that was painted, and what was read of it. Paints by id. */
export interface MixReading {
  parts: readonly { paint: string; drops: number }[]
  reflectance: Spectrum
}

interface LearntPaint {
  paint: Paint
  /** Largest change of log K or log S over the bands. */
  change: number
}

export interface Learnt {
  /** The paints that were in the readings, improved. */
  paints: LearntPaint[]
  /** Mean ΔE00 of readings held out in turn: as the paints were, and as they would be. */
  before: number
  after: number
  /** False when held-out readings would be met worse: then nothing should be taken over. */
  better: boolean
}

/** So many times what the reader repeats by a reading may be off: drops are uneven, the model is not all (from memory). */
const MISFIT = 3.3
const ROUNDS = 8
const STEP = 0.01
const FOLDS = 4

/** Curves moved by coefficients z in units of the spread's own axes. */
function movedBy(paint: Paint, z: ArrayLike<number>, from: number): Paint {
  const spread = paint.spread ?? STARTER_SPREAD
  const by = Array.from({ length: SHAPES }, (_, i) => {
    let sum = 0
    for (let j = 0; j <= i; j++) sum += packed(spread, i, j) * z[from + j]!
    return sum
  })
  return { ...paint, ...moved(paint, by) }
}

interface Fit {
  z: Float64Array
  /** JᵀWJ + 1, rows. */
  normal: Float64Array[]
}

/** Least squares with the paints' spreads as prior, by Gauss and Newton. */
function fit(readings: readonly MixReading[], paints: readonly Paint[]): Fit {
  const place = new Map(paints.map(({ id }, i) => [id, i]))
  const size = paints.length * SHAPES
  let z = new Float64Array(size)
  let normal: Float64Array[] = []
  const colourOf = (reading: MixReading, list: readonly Paint[]): Spectrum =>
    opaqueReflectance(
      mixPaints(
        reading.parts.map(({ paint, drops }): Part => ({ paint: list[place.get(paint)!]!, drops })),
      ),
    )
  const cost = (at: Float64Array): number => {
    const list = paints.map((paint, p) => movedBy(paint, at, p * SHAPES))
    let sum = at.reduce((all, v) => all + v * v, 0)
    for (const reading of readings) {
      const seen = colourOf(reading, list)
      for (let i = 0; i < BANDS; i++)
        sum += ((reading.reflectance[i]! - seen[i]!) / sigmaOf(reading.reflectance[i]!)) ** 2
    }
    return sum
  }
  let now = cost(z)
  for (let round = 0; round < ROUNDS; round++) {
    const list = paints.map((paint, p) => movedBy(paint, z, p * SHAPES))
    normal = Array.from({ length: size }, (_, i) => {
      const row = new Float64Array(size)
      row[i] = 1
      return row
    })
    const right = z.map((v) => -v)
    for (const reading of readings) {
      const seen = colourOf(reading, list)
      const members = reading.parts.map(({ paint }) => place.get(paint)!)
      const columns = members.flatMap((p) =>
        Array.from({ length: SHAPES }, (_, k) => p * SHAPES + k),
      )
      const slopes = columns.map((column) => {
        const p = Math.floor(column / SHAPES)
        const there = z.slice()
        there[column]! += STEP
        const changed = list.map((one, i) =>
          i === p ? movedBy(paints[p]!, there, p * SHAPES) : one,
        )
        const other = colourOf(reading, changed)
        return other.map((r, i) => (r - seen[i]!) / STEP / sigmaOf(reading.reflectance[i]!))
      })
      const off = reading.reflectance.map((r, i) => (r - seen[i]!) / sigmaOf(r))
      columns.forEach((a, i) => {
        for (let b = 0; b < BANDS; b++) right[a]! += slopes[i]![b]! * off[b]!
        columns.forEach((c, k) => {
          let sum = 0
          for (let b = 0; b < BANDS; b++) sum += slopes[i]![b]! * slopes[k]![b]!
          normal[a]![c]! += sum
        })
      })
    }
    const step = solve(
      normal.map((row) => row.slice()),
      right,
    )
    // Half steps until it is better: far from the answer a whole one may overshoot.
    let share = 1
    let next = z.map((v, i) => v + step[i]!)
    let then = cost(next)
    while (then > now && share > 1e-3) {
      share /= 2
      next = z.map((v, i) => v + share * step[i]!)
      then = cost(next)
    }
    if (then >= now) break
    const settled = now - then < 1e-3
    z = next
    now = then
    if (settled) break
  }
  return { z, normal }
}

const sigmaOf = (r: number): number => MISFIT * readingNoise(r)

function meanOff(readings: readonly MixReading[], paints: readonly Paint[]): number {
  const byId = new Map(paints.map((paint) => [paint.id, paint]))
  const offs = readings.map(({ parts, reflectance }) =>
    deltaE00(
      labOf(
        opaqueReflectance(
          mixPaints(parts.map(({ paint, drops }) => ({ paint: byId.get(paint)!, drops }))),
        ),
      ),
      labOf(reflectance),
    ),
  )
  return offs.reduce((sum, off) => sum + off, 0) / Math.max(1, offs.length)
}

/** What is left of a paint's spread after the readings: the inverse of the normal equations, its block. */
function leftSpread(paint: Paint, normal: readonly Float64Array[], from: number): number[] {
  const spread = paint.spread ?? STARTER_SPREAD
  const inverse = Array.from({ length: SHAPES }, (_, k) => {
    const unit = new Float64Array(normal.length)
    unit[from + k] = 1
    return solve(
      normal.map((row) => row.slice()),
      unit,
    ).slice(from, from + SHAPES)
  })
  // L · inverse · Lᵀ
  const L = (i: number, j: number): number => packed(spread, i, j)
  const covariance = Array.from({ length: SHAPES }, (_, i) =>
    Array.from({ length: SHAPES }, (_, j) => {
      let sum = 0
      for (let a = 0; a <= i; a++)
        for (let b = 0; b <= j; b++) sum += L(i, a) * inverse[a]![b]! * L(j, b)
      return sum
    }),
  )
  return choleskyOf(covariance)
}

/**
 * Improves paints from mixes that were read: regularised least squares on log K and log S in ten smooth
 * shapes a paint, the prior being each paint's own uncertainty, so that one reading moves little and ten
 * agree. Readings held out in turn say whether it is worth taking over.
 * @throws RangeError for a reading of a paint that is not in the box, or no reading.
 * @example learnPaints(readings, box).better
 */
export function learnPaints(readings: readonly MixReading[], box: readonly Paint[]): Learnt {
  if (readings.length === 0) throw new RangeError('there is no reading to learn from')
  const used = new Set(readings.flatMap(({ parts }) => parts.map(({ paint }) => paint)))
  const paints = box.filter(({ id }) => used.has(id))
  for (const id of used)
    if (!paints.some((paint) => paint.id === id))
      throw new RangeError(`a reading names the paint "${id}", which is not in the box`)
  const { z, normal } = fit(readings, paints)
  const better = paints.map((paint, p): LearntPaint => {
    const found = movedBy(paint, z, p * SHAPES)
    const logs = (one: Paint, curve: 'K' | 'S'): number[] =>
      [...one[curve]].map((v) => Math.log(Math.max(v, 1e-9)))
    const change = (['K', 'S'] as const).flatMap((curve) => {
      const was = logs(paint, curve)
      return logs(found, curve).map((v, i) => Math.abs(v - was[i]!))
    })
    return {
      paint: { ...found, spread: leftSpread(paint, normal, p * SHAPES) },
      change: Math.max(...change),
    }
  })
  const folds = Math.min(FOLDS, readings.length)
  let [before, after] = [0, 0]
  if (folds > 1) {
    for (let fold = 0; fold < folds; fold++) {
      const held = readings.filter((_, i) => i % folds === fold)
      const kept = readings.filter((_, i) => i % folds !== fold)
      const found = fit(kept, paints)
      const trained = paints.map((paint, p) => movedBy(paint, found.z, p * SHAPES))
      before += (meanOff(held, paints) * held.length) / readings.length
      after += (meanOff(held, trained) * held.length) / readings.length
    }
  } else before = after = meanOff(readings, paints)
  return { paints: better, before, after, better: folds > 1 && after < before }
}
