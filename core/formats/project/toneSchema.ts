import { shaped } from './shaped'
import * as v from 'valibot'
import { hideLimits } from '../../tone/hide'
import { skinLimits } from '../../tone/skin'
import { stateNames } from '../../tone/states'
import { within } from '../fields'
import { named } from './common'
import { longest } from '../../project/limits'
import type { KeptTone } from '../../project/commission'

/** What a figure aims at: a skin by what is in it, or a hide by its colour. */
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
export const keptToneSchema = shaped<KeptTone>()(
  v.object({ name: named(longest.shortName), tone: toneSchema }),
)
