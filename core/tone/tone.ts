import { memoiseByValue } from '../numbers/memoiseByValue'
import { labOf } from '../colour/lab'
import type { Spectrum } from '../colour/spectrum'
import { hideReflectance } from './hide'
import type { Hide } from './hide'
import { hideZones } from './hideZones'
import { skinReflectance } from './skin'
import type { Skin } from './skin'
import { skinZones } from './skinZones'
import { inState } from './states'
import type { StateName } from './states'

/** Living skin in a state, or none. */
export interface SkinTone extends Skin {
  kind: 'skin'
  state?: StateName
  /** How far the state has gone, 0–1; 1 when not given. */
  strength?: number
}

export interface HideTone extends Hide {
  kind: 'hide'
}

/** What a figure's base aims at. */
export type Tone = SkinTone | HideTone

/** The skin of a tone with its state worked in. */
export const skinOf = ({ state, strength, kind, ...skin }: SkinTone): Skin =>
  state ? inState(skin, state, strength ?? 1) : skin

/** More than any commission has figures and places of life. */
const TONES = 600

/**
 * Reflectance of a tone, 36 values 0–1; computed once a tone and shared, so only to be read.
 * @throws RangeError when a skin parameter is out of range or no surface has the hide's colour.
 * @example labOf(baseReflectance(tone)).L
 */
export const baseReflectance = memoiseByValue(
  (tone: Tone): Spectrum =>
    tone.kind === 'skin' ? skinReflectance(skinOf(tone)) : hideReflectance(tone),
  TONES,
)

/** One place of a face, body or creature with its own reflectance. */
export interface ZoneTone {
  key: string
  name: string
  reflectance: Spectrum
}

/**
 * The places that a tone has, by their keys; nothing is computed for their names.
 * @example placeNames({ kind: 'skin' }).get('cheek') // "Cheek"
 */
export const placeNames = ({ kind }: Pick<Tone, 'kind'>): ReadonlyMap<string, string> =>
  new Map((kind === 'hide' ? hideZones : skinZones).map(({ key, name }) => [key, name]))

/**
 * Every place of a tone, computed by the same model as the base.
 * @example zonesOf(tone).map(({ key }) => key)
 */
export function zonesOf(tone: Tone): ZoneTone[] {
  if (tone.kind === 'hide')
    return hideZones.map(({ key, name, at }) => ({
      key,
      name,
      reflectance: hideReflectance(at(tone)),
    }))
  const skin = skinOf(tone)
  return skinZones.map(({ key, name, at }) => ({
    key,
    name,
    reflectance: skinReflectance(at(skin)),
  }))
}

/**
 * Colour of a tone's base, D65, 2°.
 * @example toneLab(tone).L
 */
export const toneLab = (tone: Tone) => labOf(baseReflectance(tone))
