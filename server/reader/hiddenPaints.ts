import { drawn, normals, seeded, spreadOf, starterPaints } from '../../core'
import type { Paint } from '../../core'

/** How bottles differ from the starter curves, in logarithms; invented for the simulation. */
const DIFFERENCE = spreadOf({ strength: 0.3, depth: 0.12, hue: 0.06, slope: 0.06 })
const WHITE_DIFFERENCE = spreadOf({ strength: 0.08, depth: 0.1, hue: 0.03, slope: 0.03 })

/** The paints that lie under the simulated reader: starter paints with seeded differences. */
export function hiddenPaints(seed: number): ReadonlyMap<string, Paint> {
  const normal = normals(seeded(seed))
  return new Map(
    starterPaints.map((paint) => {
      const white = paint.pigments.every((name) => name.startsWith('PW'))
      return [paint.id, drawn(paint, white ? WHITE_DIFFERENCE : DIFFERENCE, normal)]
    }),
  )
}
