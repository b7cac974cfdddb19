import type { Method } from './method'
import {
  base,
  both,
  flat,
  glaze,
  layer,
  lights,
  medium,
  on,
  passes,
  raised,
  ridges,
  role,
  thinned,
  tops,
  translucent,
} from './moves'

const white = role('white')
const redBrown = role('redBrown')
const cream = role('cream')

/** Four skins told apart by their undercoat; common practice, no source. */
export const skinsByUndercoat: readonly Method[] = [
  {
    key: 'pale-sickly',
    name: 'Led by the undercoat: pale, sickly',
    suits: 'One of four skins by their undercoat; counted in brush-loads.',
    for: ['skin'],
    effort: 'quick',
    risk: 'Laid thick, the coats hide what makes it differ.',
    under: flat(role('lightGrey')),
    coats: [
      translucent('half-shade', medium(2)),
      layer(both(['half-light', 3], [role('lightGrey'), 1]), raised),
      glaze('glint', thinned(6), raised),
      layer('glint', tops),
      glaze(role('rose'), medium(12), on('lower-lip', 'eye-socket', 'ear')),
    ],
  },
  {
    key: 'dark-on-cream',
    name: 'Led by the undercoat: dark',
    suits: 'One of four skins by their undercoat; counted in brush-loads.',
    for: ['skin'],
    effort: 'quick',
    risk: 'Cream left bare in a recess shows as a light line.',
    under: flat(cream),
    coats: [
      base('deep-shade', passes(2)),
      layer('shade', raised),
      layer('half-shade', lights),
      layer('base', tops),
    ],
  },
  {
    key: 'bronze-on-cream',
    name: 'Led by the undercoat: bronze, sun-parched',
    suits: 'One of four skins by their undercoat; counted in brush-loads.',
    for: ['skin'],
    effort: 'quick',
    risk: 'The red-brown has to stay translucent.',
    under: flat(cream),
    coats: [
      base('base', passes(2)),
      translucent(redBrown, medium(2)),
      layer('base', raised),
      layer('half-light', lights),
      layer('light', tops),
    ],
  },
  {
    key: 'light-on-white',
    name: 'Led by the undercoat: light',
    suits: 'One of four skins by their undercoat; counted in brush-loads.',
    for: ['skin'],
    effort: 'quick',
    risk: 'Chalk, if the palest goes further than the tops.',
    under: flat(white),
    coats: [
      base('base', passes(2)),
      translucent('half-shade', medium(4)),
      layer('base', raised),
      layer(cream, ridges),
      layer('glint', tops),
    ],
  },
]
