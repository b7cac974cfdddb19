import type { OwnPaint } from '../../project/bottle'
import type { Paint } from '../../paint/paint'
import { recordOf } from './record'

const OWN = 'my-'

/**
 * What readings taught of a paint, as one of the painter's own: a starter paint stays as it is and this stands beside
 * it; what was learnt before is learnt anew.
 * @example learntRecord(ochre).id // "my-yellow-ochre"
 */
export function learntRecord(paint: Paint): OwnPaint {
  const { id, name } = paint
  const own = id.startsWith(OWN) ? {} : { id: `${OWN}${id}`, name: `my ${name}` }
  return { ...recordOf({ ...paint, ...own }), origin: 'calibrated' }
}
