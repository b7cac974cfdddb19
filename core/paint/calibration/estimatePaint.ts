import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import type { Spectrum } from '../../colour/spectrum'
import type { OpacityClass, Paint } from '../paint'
import { titaniumWhite } from '../starter/titaniumWhite'
import type { Finish } from '../surface'
import { beliefFromLabel, beliefFromLibrary } from './belief'
import { ratioOf, readingOf } from './calibratePaint'
import { CalibrationError } from './calibrationError'
import { fitCurves } from './fitCurves'
import { typicalScattering } from './priors'
import type { ColourSource } from './noise'
import { checkSwatches } from './swatch'
import type { Swatch } from './swatch'
import { TINT_SHARE, withTint } from './tintByEye'
import { withoutGlare } from './withoutGlare'
import type { TintStep } from './tintByEye'

type AboutPaint = Partial<Omit<Paint, 'K' | 'S' | 'origin' | 'opacity'>>

/** What was seen of one part of the paint in nine of titanium white. */
export interface SeenTint {
  /** The step of `tintSteps` that looks most like it, or its colour as it was picked. */
  tint?: TintStep | Lab
  /** Where the colours come from; a photograph with something grey in it when not given. */
  source?: ColourSource
  /** How the paint dries: its glare is in what was seen. Gloss, which has none, when not given. */
  finish?: Finish
}

/** How far the next band may be from where the belief puts it, in logarithms (from our trials). */
const STEP_U = 0.08
const STEP_V = 0.03
/** A label that names what the library has not: the paint may be anything that looks so. */
const STRANGE = 1.6

function masstoneOf(colour: Lab | Spectrum): Swatch {
  const swatch: Swatch =
    'L' in colour ? { kind: 'masstone', lab: colour } : { kind: 'masstone', reflectance: colour }
  checkSwatches([swatch])
  try {
    readingOf(swatch)
  } catch (error) {
    throw new CalibrationError(`swatch 1: ${(error as Error).message}`, 1, NaN)
  }
  return swatch
}

const blank = (about: AboutPaint): Omit<Paint, 'K' | 'S' | 'opacity'> => ({
  id: 'estimated',
  name: 'estimated paint',
  pigments: [],
  hazards: [],
  ...about,
  origin: 'estimated',
})

/**
 * A paint from its colour and how opaque it is, and better from the pigments named on its label and from how it looks
 * in white. Believed beforehand is what bottles that look so are like (a library of plausible ones), or, where the
 * label names pigments we have, those; the curves are then fitted to the colour (maximum a posteriori).
 * @param seen a Lab (D65, 2°) that was picked, or a spectral reading of the opaque paint.
 * @param about what is known of the bottle; `pigments` by Colour Index name count.
 * @throws CalibrationError when no paint could look so.
 * @example estimatePaint(flesh, 'semi-opaque', { name: 'sand', pigments: ['PW6', 'PY43'] }).name // "sand"
 */
export function estimatePaint(
  seen: Lab | Spectrum,
  opacity: OpacityClass,
  about: AboutPaint = {},
  { tint, source, finish = 'gloss' }: SeenTint = {},
): Paint {
  const colour = withoutGlare(seen, finish)
  const neat = { ...masstoneOf(colour), source }
  const lab = 'L' in colour ? colour : labOf(colour)
  const named = about.pigments ?? []
  const label = beliefFromLabel(named, lab, opacity)
  const belief = label ?? beliefFromLibrary(lab, opacity)
  const strange = named.length > 0 && !label
  const picked = typeof tint === 'object' ? withoutGlare(tint, finish) : undefined
  const fitted = fitCurves(
    picked
      ? [neat, { kind: 'tint', share: TINT_SHARE, white: titaniumWhite, lab: picked, source }]
      : [neat],
    {
      u: belief.u,
      v: belief.v,
      strength: belief.strength * (strange ? STRANGE : 1),
      depth: belief.depth * (strange ? STRANGE : 1),
      stepU: 'L' in colour ? (belief.step ?? STEP_U) : 0.5,
      stepV: STEP_V,
    },
  )
  const { K, S, spread } = typeof tint === 'number' ? withTint(fitted, tint) : fitted
  return { ...blank(about), opacity, K, S, spread }
}

/**
 * A paint as pictures show one before anything else is known: the smoothest curve of its colour and a usual
 * scattering for how opaque it is (Burns 2020 for the curve). At once, and without a spread.
 * @example plainPaint(flesh, 'opaque').K.length // 36
 */
export function plainPaint(colour: Lab, opacity: OpacityClass): Paint {
  const q = readingOf(masstoneOf(colour)).map(ratioOf)
  const S = typicalScattering(q, opacity)
  return { ...blank({}), opacity, K: S.map((s, i) => s * q[i]!), S }
}
