import { pigmentPaint } from '../pigment'

/**
 * Celadonite and glauconite clays: weak iron bands near 430 and beyond 650 nm, weak all over.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const greenEarth = pigmentPaint({
  id: 'green-earth',
  name: 'green earth',
  pigments: ['PG23'],
  hazards: [],
  features: {
    bands: [
      { nm: 430, width: 62, K: 52.7 },
      { nm: 680, width: 82, K: 31.4 },
    ],
    floorK: 9.73,
    S: 23.7,
    falls: 0.6,
  },
})
