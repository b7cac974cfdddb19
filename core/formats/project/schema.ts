import * as v from 'valibot'
import { bottleSchema, ownPaintSchema } from '../box/schema'
import { id, text, whole, within } from '../fields'
import { moodLimits } from '../../ladder/targets'
import { stepKeys } from '../../ladder/steps'
import { hideLimits } from '../../tone/hide'
import { skinLimits } from '../../tone/skin'
import { stateNames } from '../../tone/states'

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

const part = v.object({ paint: id, drops: whole(1, 99) })

const plan = v.object({
  steps: v.picklist([5, 7], 'allowed is 5 or 7'),
  contrast: within(moodLimits.contrast),
  warmth: within(moodLimits.warmth),
  turn: within(moodLimits.turn),
  sheen: within(moodLimits.sheen),
  maxPaints: whole(1, 4),
  maxDrops: whole(4, 24),
  kept: v.record(
    v.picklist(stepKeys, `is no step; allowed is ${stepKeys.join(', ')}`),
    v.pipe(v.array(part), v.minLength(1, 'is empty'), v.maxLength(40, 'has more than 40 parts')),
  ),
})

const figure = v.object({
  id,
  name: v.pipe(text(120), v.minLength(1, 'is empty')),
  note: text(2000),
  scale: text(60),
  tone: toneSchema,
  plan,
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
  /** Tones put by under a name. */
  tones: v.optional(v.pipe(v.array(keptToneSchema), v.maxLength(200, 'has more than 200 tones'))),
})

export type Project = v.InferOutput<typeof projectSchema>
export type Figure = v.InferOutput<typeof figure>
export type FigurePlan = v.InferOutput<typeof plan>
export type KeptTone = v.InferOutput<typeof keptToneSchema>
export type KeptPart = v.InferOutput<typeof part>
