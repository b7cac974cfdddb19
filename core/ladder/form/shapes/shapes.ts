import type { FormKey } from '../../../project/forms'
import { flank } from './beast'
import { hand, torso } from './body'
import { ellipsoid } from './distance'
import type { Distance } from './distance'
import { forearm } from './forearm'
import { gauntHead, old, tuskedHead, young } from './head'

/** The surfaces of the forms; what is shown is made of them by `npm run forms`. */
export const shapes: Readonly<Record<FormKey, Distance>> = {
  head: young(),
  old: old(),
  gaunt: gauntHead(),
  tusked: tuskedHead(),
  torso: torso(),
  hand: hand(),
  forearm: forearm(),
  flank: flank(),
  egg: ellipsoid(0, 0, 0, 0.62, 0.86, 0.62),
}
