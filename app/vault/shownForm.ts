import { curvatureOf, samplesOf, thinned } from '../../core'
import type { FormSamples, Sculpt } from '../../core'

/** A sculpt with the points that shares are measured on. */
export interface ShownForm extends Sculpt {
  samples: FormSamples
  curvature: Float32Array
}

const MOST_SAMPLES = 3000
export const shown = (made: Sculpt): ShownForm => ({
  ...made,
  samples: thinned(samplesOf(made, made.occlusion), MOST_SAMPLES),
  curvature: curvatureOf(made),
})
