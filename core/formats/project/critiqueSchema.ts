import { shaped } from './shaped'
import type { NamedFault, NeutralKey, FigureCritique } from '../../project/critique'
import { hueDirections, neutrals } from '../../project/critique'
import * as v from 'valibot'
import { stepKeys } from '../../project/steps'
import { id, text, within } from '../fields'
import { atMost, lab, oneOf } from './common'
import { longest, mostOf } from '../../project/limits'

const step = oneOf(stepKeys, 'step')
const part = oneOf(['all', 'lights', 'shadows', ...stepKeys] as const, 'part of the skin')
const share = within([0, 1])
const times = within([0, 10])

/** What a critic said, in numbers (`core/critic/nameFault.ts`). */
const fault: v.GenericSchema<NamedFault> = v.variant(
  'key',
  [
    v.object({ key: v.picklist(['flat', 'hard'] as const), part, times }),
    v.object({ key: v.picklist(['too dark', 'too light'] as const), part, L: within([-100, 100]) }),
    v.object({ key: v.picklist(['chalky', 'grey', 'strong'] as const), part, times }),
    v.object({
      key: v.literal('tinted'),
      part,
      toward: oneOf(hueDirections, 'direction'),
      by: within([0, 200]),
    }),
    v.object({
      key: v.picklist(['lights large', 'lights small'] as const),
      part: v.literal('lights'),
      share,
      planned: share,
    }),
    v.object({
      key: v.picklist(['stranded', 'hard edge'] as const),
      part: v.picklist(['lights', 'shadows'] as const),
      step,
    }),
    v.object({ key: v.literal('wrong colour'), part: step }),
  ],
  'is no fault that is known',
)

/** A photograph of a painted figure as it was judged. */
export const critiqueSchema = shaped<FigureCritique>()(
  v.object({
    id,
    at: text(longest.date),
    /** The photograph, kept beside the project. */
    photo: v.optional(id),
    neutral: v.optional(oneOf(Object.keys(neutrals) as NeutralKey[], 'neutral')),
    /** Distance from the plan, ΔE00. */
    off: within([0, 200]),
    /** Colours as they were read, dark to light, at equal shares of the skin. */
    strip: v.pipe(v.array(lab), v.minLength(1, 'is empty'), atMost(mostOf.strip, 'colours')),
    faults: v.pipe(v.array(fault), atMost(mostOf.faults, 'faults')),
  }),
)
