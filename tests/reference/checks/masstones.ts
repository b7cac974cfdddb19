import { deltaE00, labOf, mixPaints, opaqueReflectance, starterPaints } from '../../../core'
import type { Lab } from '../../../core'
import { hobbyLoad } from '../../../core/paint/strengthKinds'
import { worstOf } from '../row'
import type { Row } from '../row'

type Triple = [L: number, a: number, b: number]

/**
 * Masstone and 1:9 tint with titanium white of single-pigment artists' paints, Lab D65 2°, specular
 * excluded. From memory of measured acrylics; no published table behind them.
 */
export const recalled: Record<string, { mass: Triple; tint: Triple }> = {
  'titanium-white': { mass: [96.5, -0.8, 2], tint: [96.5, -0.8, 2] },
  'zinc-white': { mass: [96, -0.5, 1], tint: [96.5, -0.8, 2] },
  'carbon-black': { mass: [9, 0, 0], tint: [41, -0.5, -3] },
  'mars-black': { mass: [17, 0.5, 0.5], tint: [52, 0, -1.5] },
  'bone-black': { mass: [12, 0.5, 1], tint: [55, 0.8, 1] },
  'yellow-ochre': { mass: [57, 15, 42], tint: [81, 6, 27] },
  'yellow-iron-oxide': { mass: [62, 18, 52], tint: [84, 6, 34] },
  'raw-sienna': { mass: [43, 17, 32], tint: [76, 8, 25] },
  'burnt-sienna': { mass: [30, 21, 19], tint: [64, 16, 15] },
  'raw-umber': { mass: [25, 4, 8], tint: [60, 3, 11] },
  'burnt-umber': { mass: [24, 9, 9], tint: [56, 8, 10] },
  'red-iron-oxide': { mass: [36, 31, 23], tint: [61, 24, 14] },
  'brown-iron-oxide': { mass: [28, 12, 12], tint: [56, 10, 10] },
  'mars-violet': { mass: [27, 13, 5], tint: [53, 12, 2] },
  'pyrrole-red': { mass: [40, 56, 34], tint: [63, 46, 15] },
  'naphthol-red': { mass: [38, 57, 35], tint: [63, 48, 13] },
  'quinacridone-rose': { mass: [33, 48, 13], tint: [61, 45, -6] },
  'quinacridone-magenta': { mass: [29, 43, 0], tint: [58, 44, -15] },
  'cadmium-red': { mass: [42, 56, 36], tint: [66, 38, 17] },
  'pyrrole-orange': { mass: [54, 57, 50], tint: [74, 37, 27] },
  'benzimidazolone-orange': { mass: [63, 43, 66], tint: [81, 24, 40] },
  'arylide-yellow': { mass: [82, 4, 88], tint: [91, -6, 54] },
  'bismuth-vanadate': { mass: [86, -6, 80], tint: [93, -9, 42] },
  'cadmium-yellow': { mass: [79, 14, 85], tint: [89, 4, 48] },
  ultramarine: { mass: [24, 22, -48], tint: [58, 6, -38] },
  'cobalt-blue': { mass: [37, 6, -47], tint: [67, -3, -33] },
  'phthalo-blue-red': { mass: [16, 9, -28], tint: [45, -7, -42] },
  'phthalo-blue-green': { mass: [19, 0, -30], tint: [51, -20, -41] },
  'prussian-blue': { mass: [13, 1, -13], tint: [48, -9, -29] },
  'indanthrone-blue': { mass: [15, 7, -15], tint: [47, 3, -29] },
  'phthalo-green': { mass: [19, -18, -1], tint: [56, -42, -2] },
  'chromium-oxide-green': { mass: [44, -16, 19], tint: [68, -14, 13] },
  viridian: { mass: [28, -22, 1], tint: [67, -30, 2] },
  'green-earth': { mass: [39, -6, 10], tint: [78, -5, 7] },
  'dioxazine-violet': { mass: [11, 13, -13], tint: [42, 21, -33] },
  'ultramarine-violet': { mass: [30, 22, -29], tint: [67, 12, -21] },
}

/** The span around a recalled colour that still counts as that pigment. */
const MASS_SPAN = 6
const TINT_SPAN = 4.5
const white = starterPaints[0]!
const lab = ([L, a, b]: Triple): Lab => ({ L, a, b })

export function masstones(): Row[] {
  const rows = Object.entries(recalled).map(([id, { mass, tint }]) => {
    const paint = starterPaints.find((one) => one.id === id)!
    const load = hobbyLoad(paint.pigments)
    const mixed = mixPaints([
      { paint, drops: 1 / load },
      { paint: white, drops: 9 },
    ])
    return {
      mass: deltaE00(labOf(opaqueReflectance(paint)), lab(mass)),
      tint: deltaE00(labOf(opaqueReflectance(mixed)), lab(tint)),
    }
  })
  return [
    {
      what: 'masstones of the starter paints, ΔE00',
      against: 'recalled',
      cases: rows.length,
      worst: worstOf(rows.map(({ mass }) => mass)),
      limit: MASS_SPAN,
    },
    {
      what: 'tints 1:9 of the starter paints, ΔE00',
      against: 'recalled',
      cases: rows.length,
      worst: worstOf(rows.map(({ tint }) => tint)),
      limit: TINT_SPAN,
    },
  ]
}
