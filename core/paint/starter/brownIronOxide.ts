import { pigmentPaint } from '../pigment'

/**
 * A blend of red, yellow and black iron oxide: the haematite edge over an even absorption.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const brownIronOxide = pigmentPaint({
  id: 'brown-iron-oxide',
  name: 'brown iron oxide',
  pigments: ['PBr6'],
  hazards: [],
  features: {
    edges: [{ nm: 557, width: 76, K: 633 }],
    floorK: 211,
    S: 148,
    falls: 0.4,
  },
})
