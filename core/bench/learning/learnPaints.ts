import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { inverseOf } from '../../numbers/inverseOf'
import { DROP_SIGMAS } from './evidence'
import { fitPaints } from './fitPaints'
import type { Fitted } from './fitPaints'
import { leftDoubt } from './leftDoubt'
import { modelled } from './readingModel'
import { labOfReading } from './reading'
import type { MixReading } from './reading'
import { predictMix } from '../../paint/uncertainty/predicted'
import { resolvedParts } from '../../puddle/parts'

interface LearntPaint {
  paint: Paint
  /** Largest change of log K or log S over the bands. */
  change: number
}

export interface Learnt {
  /** The paints that were in the readings, improved. */
  paints: LearntPaint[]
  /** Mean ΔE00 of readings held out in turn, uneven drops taken out: as the paints were, and as they would be. */
  before: number
  after: number
  /** False when held-out readings would be met worse: then nothing should be taken over. */
  better: boolean
  /** The paint that does not fit, by id, where one spoils the others: metal, glow, a swatch that shows through. */
  strange: string[]
}

const FOLDS = 4

/** The fit under which the readings are likeliest: with even drops, or with drops as they fall. */
const likeliest = (readings: readonly MixReading[], paints: readonly Paint[]): [Fitted, number] =>
  DROP_SIGMAS.map((sigma): [Fitted, number] => [fitPaints(readings, paints, sigma), sigma]).reduce(
    (one, other) => (other[0].evidence < one[0].evidence ? other : one),
  )

/** How far readings are off, ΔE00. */
const offsOf = (readings: readonly MixReading[], paints: ReadonlyMap<string, Paint>): number[] =>
  readings.map((reading) => {
    const mixed = mixPaints(resolvedParts(reading.parts, (id) => paints.get(id)!))
    return deltaE00(labOf(opaqueReflectance(mixed)), labOfReading(reading))
  })

/** What uneven drops alone would put a reading off by, root mean square ΔE00. */
function dropsOff(
  { parts }: MixReading,
  paints: ReadonlyMap<string, Paint>,
  sigma: number,
): number {
  const drops = parts.map((part) => part.drops)
  const { R, byAmount } = modelled(
    parts.map(({ paint }) => paints.get(paint)!),
    drops,
  )
  const here = labOf(R)
  return Math.hypot(
    ...byAmount.map((slope, p) => {
      const by = sigma / Math.sqrt(drops[p]!)
      const there = R.map((r, i) => Math.min(0.96, Math.max(0, r + by * slope[i]!)))
      return deltaE00(here, labOf(there))
    }),
  )
}

/** What a reading's own error alone would put it off by, root mean square ΔE00. */
function errorOff(reading: MixReading): number {
  if (!('lab' in reading)) return 0
  const { lab, within } = reading
  return Math.hypot(
    ...(['L', 'a', 'b'] as const).map((axis) =>
      deltaE00(lab, { ...lab, [axis]: lab[axis] + within }),
    ),
  )
}

/** ΔE00 of readings in sum, without what their drops and their own errors did: squares are taken off each other. */
function sumOff(readings: readonly MixReading[], list: readonly Paint[], sigma: number): number {
  const paints = new Map(list.map((paint) => [paint.id, paint]))
  const offs = offsOf(readings, paints)
  const square = (values: readonly number[]): number => values.reduce((sum, v) => sum + v * v, 0)
  const noise =
    square(readings.map((reading) => dropsOff(reading, paints, sigma))) +
    square(readings.map(errorOff))
  const kept = Math.sqrt(Math.max(0, 1 - noise / Math.max(1e-12, square(offs))))
  return kept * offs.reduce((a, b) => a + b, 0)
}

/** How far off held-out readings are said to be, ΔE00 in sum. */
function sumStated(readings: readonly MixReading[], list: readonly Paint[]): number {
  const paints = new Map(list.map((paint) => [paint.id, paint]))
  return readings.reduce(
    (sum, { parts }) => sum + predictMix(resolvedParts(parts, (id) => paints.get(id)!)).within,
    0,
  )
}

/** So many free numbers the readings have told, and not what was taken for likely before: size − tr N⁻¹. */
const toldIn = (normal: readonly Float64Array[]): number =>
  inverseOf(normal).reduce((told, row, i) => told + 1 - row[i]!, 0)

/** Paints as a fit has them, with the doubt that is left: more where the model does not follow these bottles. */
function doubted(fitted: Fitted, paints: readonly Paint[]): Paint[] {
  // Squares that are larger than there are bands and colours left to miss.
  const worse = Math.max(1, fitted.squares / Math.max(1, fitted.read - toldIn(fitted.normal)))
  const spreads = leftDoubt(paints, fitted.normal, worse)
  return fitted.paints.map((paint, p) => ({ ...paint, spread: spreads[p]! }))
}

/** What is held out is met by a share of the doubt told, on average, where two in three are inside (from trials). */
const MET = 1.25
/** With fewer readings than this nothing can be told of how well they are met. */
export const FEWEST_READINGS = 4

/**
 * By how much the doubt has to grow so that it holds on readings the fit has not seen: what the model does not follow is
 * no noise that more readings take away.
 */
const scaleOf = (readings: number, off: number, stated: number): number =>
  readings < FEWEST_READINGS ? 1 : Math.max(1, (MET * off) / Math.max(1e-6, stated))

/** Readings that are met worse than this, ΔE00, have a bottle in them that does not fit, if without it … */
const BADLY = 1.5
/** … the others are met so much better; with fewer readings nothing can be told. */
const BETTER = 0.4
const ENOUGH = 8

/** The bottle without which all other readings are met: metal, glow or a swatch that shows through does that. */
function strangeIn(
  readings: readonly MixReading[],
  paints: readonly Paint[],
  found: readonly Paint[],
  sigma: number,
): string[] {
  const off = (some: readonly MixReading[], list: readonly Paint[]): number =>
    sumOff(some, list, sigma) / some.length
  const all = off(readings, found)
  if (all < BADLY) return []
  const without = paints.flatMap(({ id }) => {
    const rest = readings.filter(({ parts }) => parts.every(({ paint }) => paint !== id))
    if (rest.length < ENOUGH || rest.length === readings.length) return []
    return [{ id, off: off(rest, fitPaints(rest, paints, sigma).paints) }]
  })
  const best = without.sort((one, other) => one.off - other.off)[0]
  return best && best.off < BETTER * all ? [best.id] : []
}

/**
 * Improves paints from mixes that were read: regularised least squares on log K and log S, the prior being each
 * paint's own uncertainty, so that one reading moves little and ten agree. Drops may be uneven; how much the readings
 * themselves say. Readings held out in turn say whether it is worth taking over.
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
  const [found, sigma] = likeliest(readings, paints)
  const doubtful = doubted(found, paints)
  const logs = (one: Paint, curve: 'K' | 'S'): number[] =>
    [...one[curve]].map((v) => Math.log(Math.max(v, 1e-9)))
  const folds = Math.min(FOLDS, readings.length)
  let [before, after, stated] = [0, 0, 0]
  for (let fold = 0; fold < folds; fold++) {
    const held = readings.filter((_, i) => i % folds === fold)
    const kept = readings.filter((_, i) => i % folds !== fold)
    const refitted = kept.length > 0 ? doubted(fitPaints(kept, paints, sigma), paints) : paints
    before += sumOff(held, paints, sigma) / readings.length
    after += sumOff(held, refitted, sigma) / readings.length
    stated += sumStated(held, refitted) / readings.length
  }
  const scale = scaleOf(readings.length, after, stated)
  const better = paints.map((paint, p): LearntPaint => {
    const now = doubtful[p]!
    const change = (['K', 'S'] as const).flatMap((curve) => {
      const was = logs(paint, curve)
      return logs(now, curve).map((v, i) => Math.abs(v - was[i]!))
    })
    return {
      paint: { ...now, spread: now.spread!.map((v) => v * scale) },
      change: Math.max(...change),
    }
  })
  return {
    paints: better,
    before,
    after,
    better: folds > 1 && after < before,
    strange: strangeIn(readings, paints, found.paints, sigma),
  }
}
