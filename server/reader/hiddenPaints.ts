import { featuresOf, normals, seeded, starterPaints } from '../../core'
import type { Mixture } from '../../core'
import { mixedBottle, singleBottle } from '../../tests/world/bottles'

/** The bottles that lie under the simulated reader: each of the pigment its starter has, filled by another hand. */
export function hiddenPaints(seed: number): ReadonlyMap<string, Mixture> {
  const normal = normals(seeded(seed))
  const hidden = new Map<string, Mixture>()
  for (const paint of starterPaints)
    if (featuresOf(paint.id)) hidden.set(paint.id, singleBottle(paint, normal))
  for (const { id, madeOf } of starterPaints)
    if (madeOf)
      hidden.set(
        id,
        mixedBottle(
          madeOf.map(({ paint, drops }) => ({ bottle: hidden.get(paint)!, share: drops })),
        ),
      )
  return hidden
}
