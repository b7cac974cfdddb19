import type { Method } from './method'
import {
  blackAndWhite,
  both,
  deepest,
  glaze,
  layer,
  lights,
  lightsLess,
  medium,
  middleUp,
  neat,
  passes,
  recess,
  role,
  shadow,
  sketch,
  thinned,
  tops,
  translucent,
  turn,
  veil,
} from './moves'

const white = role('white')
const warmRed = role('warmRed')
const violet = role('violet')
const paleFlesh = role('paleFlesh')
const paleGreen = role('paleGreen')

/** Ready ways for the dead; common practice, no source. */
export const deadMethods: readonly Method[] = [
  {
    key: 'dead-grey',
    name: 'Dead grey with blue in the flesh',
    suits: 'The drowned and the long dead. The eye comes after the violet.',
    for: ['dead'],
    effort: 'usual',
    risk: 'Too much blue turns to living hide; bring light with white.',
    endsApart: true,
    under: blackAndWhite,
    coats: [
      translucent('half-light', neat, recess),
      translucent(both(['half-light', 4], [violet, 1]), neat, deepest),
      layer('half-shade', shadow),
      layer(both(['base', 3], [role('paleBlue'), 1]), middleUp),
      layer(both(['base', 2], [role('paleBlue'), 1]), lights),
      layer(both(['base', 1], [role('paleBlue'), 1]), lightsLess),
      layer(both(['base', 1], [role('paleBlue'), 1], [white, 2]), tops),
      translucent('half-light', medium(2), turn),
    ],
  },
  {
    key: 'dead-flesh',
    name: 'Dead flesh, warm in the shadows',
    suits: 'The freshly dead and the ill.',
    for: ['dead'],
    effort: 'usual',
    risk: 'Without the green it is only pale.',
    endsApart: true,
    under: sketch(role('black'), { steep: 35 }),
    coats: [
      layer(warmRed, veil, shadow),
      layer(both([violet, 1], [warmRed, 1]), veil, shadow),
      layer(role('offViolet'), passes(2), middleUp),
      layer(both([paleFlesh, 1], [role('rose'), 1], [paleGreen, 1]), veil, middleUp),
      layer(both([paleFlesh, 1], [role('rose'), 1], [paleGreen, 1]), passes(2), lights),
      layer(both([paleFlesh, 3], [role('rose', 'glint'), 1], [paleGreen, 1]), lightsLess),
      glaze(both([paleFlesh, 1], [role('rose'), 1], [paleGreen, 1]), thinned(6), turn),
      glaze(role('offViolet'), thinned(6), turn),
    ],
  },
]
