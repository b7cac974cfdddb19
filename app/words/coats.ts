import type { LightPlace, Look, Place } from '../../core'

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
