import type { LadderRole, LightPlace, Look, MixRef, Place } from '../../core'
import { partsInWords } from './parts'

export const roleWords: Readonly<Record<LadderRole, string>> = {
  deepest: 'the deepest step',
  shade: 'the shade',
  'half-shade': 'the half-shade',
  base: 'the base',
  'half-light': 'the half-light',
  light: 'the light',
  lightest: 'the lightest step',
}
const placeNames: Readonly<Record<string, string>> = {
  all: 'all over',
  shadow: 'in the shadow',
  middle: 'in the middle',
  lights: 'on the lights',
  left: 'on the left side',
  right: 'on the right side',
}
/** Where a coat goes, in words; zones by their own names. */
export const placeWords = (place: Place, zones: readonly { key: string; name: string }[]): string =>
  placeNames[place] ??
  `on the ${zones.find(({ key }) => `zone ${key}` === place)?.name ?? place.slice(5)}`
export const lookWords: Readonly<Record<Look, string>> = {
  measured: 'as measured',
  dry: 'dry, by eye',
  wet: 'wet, by eye',
}

/** How the light falls where one looks. */
export const lightWords: Readonly<Record<LightPlace, string>> = {
  shadow: 'in shadow',
  middle: 'in middle light',
  lights: 'in the light',
}

/** A mix in a painter's words; paints by the name they go by. */
export const mixWords = (mix: MixRef, nameOf: (paint: string) => string): string =>
  typeof mix === 'string'
    ? roleWords[mix]
    : partsInWords(
        mix.map(([paint, drops]) => ({ paint, drops })),
        nameOf,
      )
