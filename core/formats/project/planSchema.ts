import { shaped } from './shaped'
import { lightSchoolKeys, shadowSchoolKeys } from '../../project/schoolKeys'
import type { SeenFrom } from '../../project/seenFrom'
import { distances } from '../../project/seenFrom'
import { keyLimits } from '../../project/keyLight'
import * as v from 'valibot'
import { forms } from '../../project/forms'
import type { FormKey } from '../../project/forms'
import { stepKeys } from '../../project/steps'
import { id, text, whole, within } from '../fields'
import { atMost, lab, named, oneOf } from './common'
import { longest, mostOf, range } from '../../project/limits'
import { puddleParts } from './puddleSchema'
import type { FigurePlan, LadderVersion } from '../../project/plan'
import { mixingKeys } from '../../project/plan'

const stepKey = v.picklist(stepKeys, `is no step; allowed is ${stepKeys.join(', ')}`)

/** How a figure's ladder is shaped and mixed. */
export const planSchema = shaped<FigurePlan>()(
  v.object({
    steps: v.picklist([3, 5, 7, 9], 'allowed is 3, 5, 7 or 9'),
    contrast: within(range.contrast),
    warmth: within(range.warmth),
    turn: within(range.turn),
    sheen: within(range.sheen),
    maxPaints: whole(1, 4),
    maxDrops: v.optional(whole(4, 24)),
    shadow: v.optional(oneOf(shadowSchoolKeys, 'school of shadow')),
    light: v.optional(oneOf(lightSchoolKeys, 'school of light')),
    lift: v.optional(within(range.lift)),
    /** Paints of the schools that follow one. */
    shadowPaint: v.optional(id),
    lightPaint: v.optional(id),
    bounce: v.optional(within(range.bounce)),
    softness: v.optional(within(range.softness)),
    spacing: v.optional(oneOf(['difference', 'lightness'] as const, 'spacing')),
    seenFrom: v.optional(oneOf(Object.keys(distances) as SeenFrom[], 'distance')),
    /** Warmth of a second light from the other side. */
    otherWarmth: v.optional(within(range.warmth)),
    form: v.optional(oneOf(Object.keys(forms) as FormKey[], 'form')),
    key: v.optional(
      v.object({ azimuth: within(keyLimits.azimuth), elevation: within(keyLimits.elevation) }),
    ),
    /** By how much the target of a step was moved. */
    moved: v.optional(v.record(stepKey, lab)),
    /** From few puddles when not given. */
    way: v.optional(oneOf(mixingKeys, 'way of mixing')),
    /** Puddles of a ladder that is mixed of few; three when not given. */
    puddles: v.optional(whole(2, 5)),
    /** Most bottles the whole ladder is mixed from; any number when not given. */
    bottles: v.optional(whole(1, 8)),
    /** Least share of the base in every step. */
    family: v.optional(within([0, 0.9])),
    runLight: v.optional(id),
    runShade: v.optional(id),
    /** Bottles of a bought progression. */
    progression: v.optional(v.pipe(v.array(id), atMost(mostOf.progression, 'bottles'))),
    /** Share of the figure that is bare skin. */
    bare: v.optional(within(range.bare)),
  }),
)

/** A ladder put by under a name: its plan, and its steps as they were. */
export const versionSchema = shaped<LadderVersion>()(
  v.object({
    id,
    name: named(longest.shortName),
    at: text(longest.date),
    plan: planSchema,
    steps: v.pipe(
      v.array(
        v.object({
          key: stepKey,
          share: within([0, 1]),
          target: lab,
          painted: lab,
          parts: puddleParts,
        }),
      ),
      atMost(mostOf.steps, 'steps'),
    ),
  }),
)
