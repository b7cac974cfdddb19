import { pigmentPaint } from '../pigment'

/**
 * Indanthrone: a broad pair of bands near 605 and 690 nm, a dull violet-blue window.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const indanthroneBlue = pigmentPaint({
  id: 'indanthrone-blue',
  name: 'indanthrone blue',
  pigments: ['PB60'],
  hazards: [],
  features: {
    bands: [
      { nm: 604, width: 74, K: 1010 },
      { nm: 690, width: 35, K: 834 },
      { nm: 544, width: 32, K: 199 },
      { nm: 411, width: 33, K: 232 },
    ],
    floorK: 34.9,
    S: 38.4,
    falls: 1,
  },
})
