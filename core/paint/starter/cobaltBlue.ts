import { pigmentPaint } from '../pigment'

/**
 * Cobalt aluminate: the tetrahedral cobalt triplet near 545, 585 and 625 nm, red again beyond 680 nm.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const cobaltBlue = pigmentPaint({
  id: 'cobalt-blue',
  name: 'cobalt blue',
  pigments: ['PB28'],
  hazards: ['cobalt'],
  features: {
    bands: [
      { nm: 547, width: 16, K: 36.8 },
      { nm: 582, width: 19, K: 849 },
      { nm: 625, width: 20, K: 75.9 },
      { nm: 499, width: 32, K: 5.78 },
    ],
    floorK: 6.88,
    S: 55.3,
    falls: 0.9,
  },
})
