import { checkLighting } from './checkLighting'
import type { KeyDirection } from '../project/keyLight'
import { labOf } from '../colour/lab'
import type { Lab } from '../colour/lab'
import { checkSpectrum } from '../colour/spectrum'
import type { Spectrum } from '../colour/spectrum'
import { surfaceMoved } from '../colour/surfaceMoved'
import { sharesFor } from './form/shares'
import type { FormSamples } from './form/samples'
import { lightPath } from './light/paintedLight'
import type { Lighting } from '../project/lighting'
import { spaceSteps } from './spacing'
import { stepNames, stepsAround } from '../project/steps'
import type { StepKey } from '../project/steps'

export interface Target {
  key: StepKey
  name: string
  target: Lab
  reflectance: Spectrum
  /** Share of the visible skin, adding to 1 over the ladder. */
  share: number
}

/** The darkest and the lightest that a ladder asks for, L*. */
export interface LadderEnds {
  dark?: number
  light?: number
  /** Share of its chroma that an end keeps, where more would cost it lightness; all of it when not given. */
  keeps?: { dark?: number; light?: number }
}

export interface TargetOptions {
  /** The form that shares are measured on; head and shoulders when not given. */
  form?: FormSamples
  /** Where the key comes from; upper left when not given. */
  key?: KeyDirection
  /** Lightness that the paint ends at; matt black and white when not given. */
  ends?: LadderEnds
  /** By how much the painter moved the target of a step. */
  moved?: Partial<Record<StepKey, { L: number; a: number; b: number }>>
}

/**
 * What each step should look like, dark to light: the base skin under less or more of the key light
 * (docs/optics.md), spaced evenly for the eye, with its share of the skin as the form has it. The base
 * step is the base itself. Lab under D65, 2°.
 * @throws RangeError for a base that is no reflectance or a setting out of range.
 * @example ladderTargets(base, plainLighting).length // 7
 */
export function ladderTargets(
  base: Spectrum,
  lighting: Lighting,
  options: TargetOptions = {},
): Target[] {
  checkSpectrum(base, 'base', 0, 1)
  checkLighting(lighting)
  const path = lightPath(base, lighting)
  const { below, above } = spaceSteps(path, lighting, options.ends)
  const keys = stepsAround(below.length, above.length)
  const Ls = [...[...below].reverse(), path.baseLab.L, ...above]
  const keeps = (i: number): number => {
    const out = i - below.length
    const end = out < 0 ? options.ends?.keeps?.dark : options.ends?.keeps?.light
    // Most at the end itself, little beside the base.
    return 1 - (1 - (end ?? 1)) * (out / (out < 0 ? below.length : above.length)) ** 2
  }
  const shares = sharesFor({
    baseL: path.baseLab.L,
    below: below.length,
    above: above.length,
    form: options.form,
    key: options.key,
  })
  return keys.map((key, i) => {
    const found = path.at(Ls[i]!)
    const { a, b } = labOf(found)
    const grey = keeps(i) - 1
    const moved = options.moved?.[key]
    const by = (moved || grey < 0) && {
      L: moved?.L ?? 0,
      a: grey * a + (moved?.a ?? 0),
      b: grey * b + (moved?.b ?? 0),
    }
    const reflectance = (by && surfaceMoved(labOf(found), by)) || found
    return { key, name: stepNames[key], target: labOf(reflectance), reflectance, share: shares[i]! }
  })
}
