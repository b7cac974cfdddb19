import {
  contrastRatio,
  filmReflectance,
  flatSpectrum,
  labOf,
  mixPaints,
  opaqueReflectance,
} from '../../core'
import { toRaw } from 'vue'
import type { Lab, Paint } from '../../core'
import { paintOf } from '../stores/paints'

/** What a drawdown card of a paint shows. All Lab, D65, 2°. */
export interface PaintColours {
  masstone: Lab
  /** One part to nine of titanium white. */
  tint: Lab
  thickOverBlack: Lab
  thickOverWhite: Lab
  thinOverBlack: Lab
  thinOverWhite: Lab
  /** Contrast ratio of one 10 µm coat. */
  hides: number
}

const THICK_UM = 40
const THIN_UM = 6
const BLACK = flatSpectrum(0.01)
const WHITE = flatSpectrum(0.85)
const cache = new WeakMap<Paint, PaintColours>()

/** Computed once a paint. */
export function paintColours(paint: Paint): PaintColours {
  let colours = cache.get(toRaw(paint))
  if (!colours) {
    const film = (thicknessUm: number, over: typeof BLACK): Lab =>
      labOf(filmReflectance(paint, { thicknessUm, over }))
    const tint = mixPaints([
      { paint, drops: 1 },
      { paint: paintOf('titanium-white'), drops: 9 },
    ])
    colours = {
      masstone: labOf(opaqueReflectance(paint)),
      tint: labOf(opaqueReflectance(tint)),
      thickOverBlack: film(THICK_UM, BLACK),
      thickOverWhite: film(THICK_UM, WHITE),
      thinOverBlack: film(THIN_UM, BLACK),
      thinOverWhite: film(THIN_UM, WHITE),
      hides: contrastRatio(paint, 10),
    }
    cache.set(toRaw(paint), colours)
  }
  return colours
}
