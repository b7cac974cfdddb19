import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { titaniumWhite } from '../../paint/starter/titaniumWhite'

/** One part of a paint in nine of titanium white, which tells strong ones from weak ones. */
export function inWhite(paint: Paint): Lab {
  const parts = [
    { paint, drops: 1 },
    { paint: titaniumWhite, drops: 9 },
  ]
  return labOf(opaqueReflectance(mixPaints(parts)))
}
