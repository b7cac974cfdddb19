import * as v from 'valibot'
import { bottleSchema, ownPaintSchema } from '../box/schema'
import { id, text, whole, within } from '../fields'
import { forms } from '../../ladder/form/forms'
import type { FormKey } from '../../ladder/form/forms'
import { keyLimits } from '../../ladder/form/lightLevel'
import { distances } from '../../ladder/light/overstatement'
import type { SeenFrom } from '../../ladder/light/overstatement'
import { lightSchoolKeys, shadowSchoolKeys } from '../../ladder/light/schools'
import { moodLimits } from '../../ladder/mood'
import { stepKeys } from '../../ladder/steps'
import { hideLimits } from '../../tone/hide'
import { skinLimits } from '../../tone/skin'
import { stateNames } from '../../tone/states'
import { benchSchema, logEntrySchema } from './benchSchema'
import { lab, oneOf, part, parts } from './common'
import { stackSchema } from './stackSchema'

export const toneSchema = v.variant(
  'kind',
  [
    v.object({
      kind: v.literal('skin'),
      melanin: within(skinLimits.melanin),
      blood: within(skinLimits.blood),
      oxygenation: within(skinLimits.oxygenation),
      carotene: v.optional(within(skinLimits.carotene)),
      biliverdin: v.optional(within(skinLimits.biliverdin)),
      depthUm: v.optional(within(skinLimits.depthUm)),
      scattering: v.optional(within(skinLimits.scattering)),
      hair: v.optional(within(skinLimits.hair)),
      state: v.optional(v.picklist(stateNames, `is no state; allowed is ${stateNames.join(', ')}`)),
      strength: v.optional(within([0, 1])),
    }),
    v.object({
      kind: v.literal('hide'),
      lab: v.object({
        L: within([0, 100]),
        a: within([-128, 128]),
        b: within([-128, 128]),
      }),
      blood: v.optional(within(hideLimits.blood)),
      bloodHue: v.optional(within(hideLimits.bloodHue)),
      stale: v.optional(within(hideLimits.stale)),
      bile: v.optional(within(hideLimits.bile)),
      pallor: v.optional(within(hideLimits.pallor)),
      belly: v.optional(within(hideLimits.belly)),
      back: v.optional(within(hideLimits.back)),
    }),
  ],
  'is no known kind; allowed is "skin" or "hide"',
)

/** A tone put by under a name, to be used on other figures. */
export const keptToneSchema = v.object({
  name: v.pipe(text(80), v.minLength(1, 'is empty')),
  tone: toneSchema,
})

const stepKey = v.picklist(stepKeys, `is no step; allowed is ${stepKeys.join(', ')}`)
/** How the steps of a ladder are mixed. */
export const ways = ['matched', 'run', 'bought'] as const
export type Way = (typeof ways)[number]

const plan = v.object({
  steps: v.picklist([3, 5, 7, 9], 'allowed is 3, 5, 7 or 9'),
  contrast: within(moodLimits.contrast),
  warmth: within(moodLimits.warmth),
  turn: within(moodLimits.turn),
  sheen: within(moodLimits.sheen),
  maxPaints: whole(1, 4),
  maxDrops: whole(4, 24),
  kept: v.record(stepKey, parts),
  shadow: v.optional(oneOf(shadowSchoolKeys, 'school of shadow')),
  light: v.optional(oneOf(lightSchoolKeys, 'school of light')),
  lift: v.optional(within(moodLimits.lift)),
  /** Paints of the schools that follow one. */
  shadowPaint: v.optional(id),
  lightPaint: v.optional(id),
  bounce: v.optional(within(moodLimits.bounce)),
  softness: v.optional(within(moodLimits.softness)),
  spacing: v.optional(oneOf(['difference', 'lightness'] as const, 'spacing')),
  sizeMm: v.optional(within(moodLimits.sizeMm)),
  seenFrom: v.optional(oneOf(Object.keys(distances) as SeenFrom[], 'distance')),
  /** Warmth of a second light from the other side. */
  otherWarmth: v.optional(within(moodLimits.warmth)),
  form: v.optional(oneOf(Object.keys(forms) as FormKey[], 'form')),
  key: v.optional(
    v.object({ azimuth: within(keyLimits.azimuth), elevation: within(keyLimits.elevation) }),
  ),
  /** By how much the target of a step was moved. */
  moved: v.optional(v.record(stepKey, lab)),
  way: v.optional(oneOf(ways, 'way of mixing')),
  /** Most bottles the whole ladder is mixed from; any number when not given. */
  bottles: v.optional(whole(1, 8)),
  /** Least share of the base in every step. */
  family: v.optional(within([0, 0.9])),
  runLight: v.optional(id),
  runShade: v.optional(id),
  /** Bottles of a bought progression. */
  progression: v.optional(v.pipe(v.array(id), v.maxLength(20, 'has more than 20 bottles'))),
  figures: v.optional(whole(1, 500)),
  coats: v.optional(whole(1, 20)),
  thinner: v.optional(within([0, 20])),
  /** Share of the figure that is bare skin. */
  bare: v.optional(within([0.01, 1])),
})

/** A ladder put by under a name: its plan, and its steps as they were. */
const version = v.object({
  name: v.pipe(text(80), v.minLength(1, 'is empty')),
  at: text(40),
  plan,
  steps: v.pipe(
    v.array(v.object({ key: stepKey, share: within([0, 1]), target: lab, painted: lab, parts })),
    v.maxLength(11, 'has more than 11 steps'),
  ),
})

const figure = v.object({
  id,
  name: v.pipe(text(120), v.minLength(1, 'is empty')),
  note: text(2000),
  scale: text(60),
  tone: toneSchema,
  plan,
  stack: v.optional(stackSchema),
  bench: v.optional(benchSchema),
  /** Places of life that are painted on this figure. */
  accents: v.optional(v.pipe(v.array(text(40)), v.maxLength(60, 'has more than 60 places'))),
  versions: v.optional(v.pipe(v.array(version), v.maxLength(50, 'has more than 50 versions'))),
})

/** The project file, version 1; docs/project-file.md describes it. */
export const projectSchema = v.object({
  format: v.literal('cobaltfinch-project'),
  version: v.literal(1),
  name: v.pipe(text(120), v.minLength(1, 'is empty')),
  figure: id,
  /** Paints that stay out of every plan, by id. */
  out: v.pipe(v.array(id), v.maxLength(1100, 'has more than 1100 paints')),
  figures: v.pipe(
    v.array(figure),
    v.minLength(1, 'is empty; a project has at least one figure'),
    v.maxLength(200, 'has more than 200 figures'),
  ),
  /** The painter's own paints, and what is known of bottles, by paint id. */
  box: v.optional(v.pipe(v.array(ownPaintSchema), v.maxLength(1000, 'has more than 1000 paints'))),
  bottles: v.optional(v.record(v.string(), bottleSchema)),
  log: v.optional(v.pipe(v.array(logEntrySchema), v.maxLength(5000, 'has more than 5000 entries'))),
  /** Tones put by under a name. */
  tones: v.optional(v.pipe(v.array(keptToneSchema), v.maxLength(200, 'has more than 200 tones'))),
})

export type Project = v.InferOutput<typeof projectSchema>
export type Figure = v.InferOutput<typeof figure>
export type FigurePlan = v.InferOutput<typeof plan>
export type FigureBench = v.InferOutput<typeof benchSchema>
export type LogEntry = v.InferOutput<typeof logEntrySchema>
export type FigureStack = v.InferOutput<typeof stackSchema>
export type LadderVersion = v.InferOutput<typeof version>
export type KeptTone = v.InferOutput<typeof keptToneSchema>
export type KeptPart = v.InferOutput<typeof part>
