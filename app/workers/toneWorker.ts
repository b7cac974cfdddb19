import { expose, transfer } from 'comlink'
import {
  formSamples,
  gamutRim,
  hideField,
  ladderTargets,
  mixGamut,
  sameBox,
  skinField,
} from '../../core'
import type {
  FieldSkin,
  FormKey,
  Gamut,
  HideField,
  Lab,
  Lighting,
  Paint,
  SkinField,
  Spectrum,
  TargetOptions,
} from '../../core'

let known: { paints: Paint[]; gamut: Gamut } | undefined

/** The most chroma of all mixes of a box; computed once a box. */
function gamutOf(paints: Paint[]): Gamut {
  if (!known || !sameBox(known.paints, paints)) known = { paints, gamut: mixGamut(paints)! }
  return known.gamut
}

/** Ladders of one skin in several lightings, on the form they are painted on. */
export interface MoodsJob {
  base: Spectrum
  lightings: Lighting[]
  form?: FormKey
  key?: TargetOptions['key']
}

const api = {
  /** What each lighting aims at, the deepest step first. */
  ladders: ({ base, lightings, form, key }: MoodsJob): { lab: Lab; share: number }[][] =>
    lightings.map((lighting) =>
      ladderTargets(base, lighting, { form: formSamples(form), key }).map(({ target, share }) => ({
        lab: target,
        share,
      })),
    ),
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
