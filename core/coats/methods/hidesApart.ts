import type { Method } from './method'
import {
  base,
  blackAndWhite,
  both,
  flat,
  layer,
  lights,
  lightsLess,
  on,
  raised,
  role,
  translucent,
  wash,
} from './moves'

/** Where flesh shows on a hide. */
const life = on('lip', 'nose', 'knuckle', 'joint', 'upper-lip', 'lower-lip', 'elbow')
const paleFlesh = role('paleFlesh')

/** Four hides told apart; common practice, no source. */
export const hidesApart: readonly Method[] = [
  {
    key: 'hide-yellow-green',
    name: 'Hides apart: yellow-green, flesh on lips and knuckles',
    suits: 'One of four hides told apart; living lips and knuckles.',
    for: ['hide'],
    effort: 'usual',
    risk: 'Flesh left unwashed looks stuck on.',
    under: flat(role('yellowGreen')),
    coats: [
      base(role('yellowGreen')),
      wash(role('green', 'shade')),
      layer(role('yellowGreen', 'shade'), raised),
      layer(role('yellowGreen', 'light'), lightsLess),
      layer(paleFlesh, life),
      wash(role('redBrown'), life),
    ],
  },
  {
    key: 'hide-deep-green',
    name: 'Hides apart: deep green, yellow under flesh',
    suits: 'One of four hides told apart.',
    for: ['hide'],
    effort: 'usual',
    risk: 'Yellow before its flesh looks stuck on until it is covered.',
    under: flat(role('green', 'deep-shade')),
    coats: [
      base(role('green', 'deep-shade')),
      layer(role('green', 'light'), raised),
      layer(both([role('green', 'light'), 2], [role('yellow'), 1]), lightsLess),
      layer(role('yellow'), life),
      translucent(paleFlesh, life),
    ],
  },
  {
    key: 'hide-pale-green',
    name: 'Hides apart: fresh pale green, sepia on lips',
    suits: 'One of four hides told apart.',
    for: ['hide'],
    effort: 'usual',
    risk: 'Too much flesh in the lights turns them to skin.',
    under: flat(role('paleGreen', 'base')),
    coats: [
      base(role('paleGreen', 'base')),
      layer(role('paleGreen', 'light'), raised),
      layer(both([role('paleGreen', 'light'), 1], [paleFlesh, 1]), lightsLess),
      layer(paleFlesh, life),
      wash(role('warmWash'), life),
    ],
  },
  {
    key: 'hide-blue-green',
    name: 'Hides apart: blue-green over a sketch',
    suits: 'One of four hides told apart.',
    for: ['hide'],
    effort: 'usual',
    risk: 'A wash too strong drowns the sketch.',
    under: blackAndWhite,
    coats: [
      wash(role('blueGreen')),
      layer(both([role('green'), 1], [paleFlesh, 1]), raised),
      layer(both([role('green'), 1], [paleFlesh, 2]), lights),
      layer(paleFlesh, life),
      translucent(role('blueGreen'), life),
    ],
  },
]
