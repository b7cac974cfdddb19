import { predictMix } from '../../../core'
import type { BottleDrops, Paint, Predicted } from '../../../core'
import { paintOf, withPaints } from '../paints'

/** Predictions by mix: moving a target does not change what a mix looks like. */
const MOST_PREDICTIONS = 2000
const predictions = new Map<string, { paints: Paint[]; predicted: Predicted }>()

/** What a mix looks like and how sure that is; the same paints are not worked out twice. */
export function predicted(parts: readonly BottleDrops[]): Predicted {
  const key = parts.map(({ paint, drops }) => `${drops} ${paint}`).join('+')
  const paints = parts.map(({ paint }) => paintOf(paint))
  let known = predictions.get(key)
  if (!known || known.paints.some((paint, i) => paint !== paints[i])) {
    if (predictions.size > MOST_PREDICTIONS) predictions.clear()
    known = { paints, predicted: predictMix(withPaints(parts)) }
    predictions.set(key, known)
  }
  return known.predicted
}
