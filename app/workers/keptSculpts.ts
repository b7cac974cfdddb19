import localForage from 'localforage'
import { curvatureOf, samplesOf, thinned } from '../../core'
import type { FormSamples, Sculpt } from '../../core'

/** A sculpt with the points that shares are measured on. */
export interface ShownForm extends Sculpt {
  samples: FormSamples
  curvature: Float32Array
}

/** A sculpt of the painter’s own, kept with a figure in this browser. */
export interface KeptSculpt extends ShownForm {
  name: string
  /** Whether the browser agreed to keep it. */
  kept: boolean
}

/** Sculpts by figure. */
export const sculpts = localForage.createInstance({ name: 'cobaltfinch', storeName: 'sculpts' })

const MOST_SAMPLES = 3000
export const shown = (made: Sculpt): ShownForm => ({
  ...made,
  samples: thinned(samplesOf(made, made.occlusion), MOST_SAMPLES),
  curvature: curvatureOf(made),
})
