import type { FormKey } from '../../../core/project/forms'
import { flank } from './beast'
import { hand, torso } from './body'
import { ellipsoid } from '../../../core/ladder/form/distance'
import type { Distance } from '../../../core/ladder/form/distance'
import { forearm } from './forearm'
import { heads } from './heads'
import type { HeadKey } from './heads'
import { drake, newt } from './reptile'

/** The surfaces of the forms; what is shown is made of them by `npm run forms`. */
export const shapes: Readonly<Record<FormKey, Distance>> = {
  ...(Object.fromEntries(Object.entries(heads).map(([key, { at }]) => [key, at])) as Record<
    HeadKey,
    Distance
  >),
  drake: drake(),
  newt: newt(),
  torso: torso(),
  hand: hand(),
  forearm: forearm(),
  flank: flank(),
  egg: ellipsoid(0, 0, 0, 0.62, 0.86, 0.62),
}
