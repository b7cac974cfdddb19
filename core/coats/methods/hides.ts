import type { Method } from './method'
import {
  blackAndWhite,
  both,
  drybrush,
  flat,
  glaze,
  glints,
  joinsAndDeepest,
  layer,
  lifted,
  lights,
  lightsLess,
  medium,
  middleUp,
  neat,
  notDown,
  on,
  passes,
  raised,
  recessOfShadow,
  ridges,
  role,
  shadowAndMiddle,
  thinned,
  tops,
  translucent,
  turn,
  veil,
  wash,
} from './moves'

const plum = role('plum')
const deepBlue = role('deepBlue')
const middleBlue = role('middleBlue')
const icy = role('coldPaleYellow')
/** Where flesh shows on a hide. */
const life = on('lip', 'nose', 'knuckle', 'joint', 'upper-lip', 'lower-lip', 'elbow')

/** Ready ways for hides; common practice, no source. */
export const hideMethods: readonly Method[] = [
  {
    key: 'hide-on-sketch',
    name: 'Translucent hide over a value sketch',
    suits: 'Creatures; the light is mapped before any colour. Keep the base at hand to knock back.',
    for: ['hide'],
    effort: 'usual',
    risk: 'A chalky sketch shines through; smooth it first.',
    under: blackAndWhite,
    coats: [
      translucent('base', neat),
      layer('light', thinned(1), raised),
      glaze(role('rose'), thinned(8), on('nose', 'lip', 'ear', 'cheek', 'lower-lip')),
      layer('glint', tops),
      wash(role('coldNearBlack'), thinned(8), lifted, recessOfShadow),
    ],
  },
  {
    key: 'quick-hide',
    name: 'Quick hide',
    suits: 'Many creatures by the weekend.',
    for: ['hide'],
    effort: 'quick',
    risk: 'Flat without the unifying glaze.',
    under: blackAndWhite,
    coats: [
      layer('base', thinned(1)),
      wash(role('blueGreen'), thinned(2)),
      layer('light', veil, raised),
      drybrush(both(['light', 2], [role('yellow'), 1]), ridges),
      glaze(role('green'), medium(4)),
    ],
  },
  {
    key: 'blue-on-plum',
    name: 'Blue hide on plum',
    suits: 'Blue and violet hides: rich in the dark, icy on top.',
    for: ['hide'],
    effort: 'long',
    risk: 'Magenta too thick turns it all to violet.',
    endsApart: true,
    under: flat(plum),
    coats: [
      layer(plum, veil),
      layer(both([plum, 1], [deepBlue, 1]), joinsAndDeepest),
      layer(deepBlue, passes(2), notDown),
      layer(both([deepBlue, 2], [middleBlue, 1]), middleUp),
      layer(both([deepBlue, 1], [middleBlue, 2]), middleUp),
      layer(middleBlue, lights),
      layer(both([middleBlue, 6], [icy, 1]), lights),
      layer(both([middleBlue, 3], [icy, 1]), lightsLess),
      layer(both([middleBlue, 1], [icy, 1]), glints),
      layer(both([middleBlue, 1], [icy, 3]), tops),
      glaze(icy, thinned(8), lights),
      glaze(deepBlue, thinned(6), turn),
      glaze(role('crimson'), thinned(10), shadowAndMiddle),
      glaze(role('rose'), thinned(8), life),
      glaze(middleBlue, thinned(8), life),
    ],
  },
]
