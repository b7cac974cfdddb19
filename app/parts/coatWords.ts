import type { LadderRole, MixRef, Place } from '../../core'
import { paintOf } from '../stores/paints'

export const roleWords: Readonly<Record<LadderRole, string>> = {
  deepest: 'the deepest step',
  shade: 'the shade',
  'half-shade': 'the half-shade',
  base: 'the base',
  'half-light': 'the half-light',
  light: 'the light',
  lightest: 'the lightest step',
}
export const placeWords: Readonly<Record<Place, string>> = {
  all: 'all over',
  shadow: 'in the shadow',
  middle: 'in the middle',
  lights: 'on the lights',
}

/** A mix in a painter's words. */
export const mixWords = (mix: MixRef): string =>
  typeof mix === 'string'
    ? roleWords[mix]
    : mix.map(([id, drops]) => `${drops} ${paintOf(id).name}`).join(' + ')
