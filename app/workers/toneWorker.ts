import { expose, transfer } from 'comlink'
import { gamutRim, hideField, mixGamut, sameBox, skinField } from '../../core'
import type { FieldSkin, Gamut, HideField, Paint, SkinField } from '../../core'

let known: { paints: Paint[]; gamut: Gamut } | undefined

/** The most chroma of all mixes of a box; computed once a box. */
function gamutOf(paints: Paint[]): Gamut {
  if (!known || !sameBox(known.paints, paints)) known = { paints, gamut: mixGamut(paints)! }
  return known.gamut
}

const api = {
  /** The rim of what paints close, seen from above. */
  rim: (paints: Paint[]): { a: number; b: number }[] => gamutRim(mixGamut(paints)!),
  skin(common: FieldSkin, width: number, height: number): SkinField {
    const field = skinField(common, width, height)
    return transfer(field, [field.pixels.buffer])
  },
  hide(
    paints: Paint[],
    chroma: number,
    width: number,
    height: number,
  ): HideField & { gamut: Gamut } {
    const reach = gamutOf(paints)
    const field = hideField(chroma, reach, width, height)
    return transfer({ ...field, gamut: reach }, [field.pixels.buffer])
  },
}

export type ToneApi = typeof api
expose(api)
