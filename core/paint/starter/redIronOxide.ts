import { pigmentPaint } from '../pigment'

/**
 * Haematite: edge near 572 nm, the crystal-field band near 860 nm reaching into the deep red, strong scattering.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const redIronOxide = pigmentPaint({
  id: 'red-iron-oxide',
  name: 'red iron oxide',
  pigments: ['PR101'],
  hazards: [],
  features: {
    edges: [{ nm: 571, width: 40, K: 303 }],
    bands: [
      { nm: 469, width: 66, K: 503 },
      { nm: 860, width: 71, K: 33.2 },
    ],
    floorK: 18.4,
    S: 164,
    falls: 0.4,
  },
})
