import { curvatureOf, samplesOf, everyNth } from '../../core'
import type { FormSamples, Sculpt } from '../../core'

/** A sculpt with the points that shares are measured on. */
export interface ShownForm extends Required<Sculpt> {
  samples: FormSamples
  curvature: Float32Array
}

const MOST_SAMPLES = 3000
export function shown(made: Required<Sculpt>): ShownForm {
  const curvature = curvatureOf(made)
  const samples = everyNth(samplesOf(made, made.occlusion, curvature, made.reach), MOST_SAMPLES)
  return { ...made, samples, curvature }
}
