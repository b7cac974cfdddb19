import type { LearntOfBottle } from '../../project/bottle'
import type { Paint } from '../../paint/paint'
import { readCurves, recordOf } from './record'

/**
 * What readings taught of a bottle, as it is kept: a layer over what it was told to be.
 * @param at when, ISO 8601.
 * @param readings entries of the log that it was learnt from.
 * @example learntOf(ochre, '2026-11-30T20:00:00Z', ['e1']).readings.length // 1
 */
export function learntOf(paint: Paint, at: string, readings: readonly string[]): LearntOfBottle {
  const { K, S, spread } = recordOf(paint)
  return { K, S, spread, at, readings: [...readings] }
}

/**
 * A bottle as readings have it: the same bottle under the same id, its curves and their doubt as they were learnt.
 * @example withLearnt(ochre, learntOf(ochre, '2026-11-30T20:00:00Z', [])).id // "yellow-ochre"
 */
export const withLearnt = (told: Paint, learnt: LearntOfBottle): Paint => ({
  ...told,
  ...readCurves(learnt),
  origin: 'calibrated',
})
