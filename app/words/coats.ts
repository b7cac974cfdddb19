import type { LightPlace, Look } from '../../core'

export const lookWords: Readonly<Record<Look, string>> = {
  measured: 'as measured',
  dry: 'dry, by eye',
  wet: 'wet, by eye',
}

/** How the light falls where one looks. */
export const lightWords: Readonly<Record<LightPlace, string>> = {
  'deep-shadow': 'in deep shadow',
  shadow: 'in shadow',
  middle: 'in middle light',
  light: 'in the light',
  glint: 'on the glint',
}
