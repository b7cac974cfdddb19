import { pigmentPaint } from '../pigment'

/**
 * Sulfur radical anions in a cage: one broad band near 600 nm, open in the violet and again beyond 700 nm.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const ultramarine = pigmentPaint({
  id: 'ultramarine',
  name: 'ultramarine',
  pigments: ['PB29'],
  hazards: [],
  features: {
    bands: [
      { nm: 599, width: 40, K: 643 },
      { nm: 539, width: 63, K: 84.8 },
      { nm: 700, width: 40, K: 18.2 },
    ],
    floorK: 2.8,
    S: 53.5,
    falls: 1.2,
  },
})
