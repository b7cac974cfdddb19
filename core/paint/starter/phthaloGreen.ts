import { pigmentPaint } from '../pigment'

/**
 * Chlorinated copper phthalocyanine: Q bands moved to 640 and 715 nm, Soret band near 400 nm, very strong.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const phthaloGreen = pigmentPaint({
  id: 'phthalo-green',
  name: 'phthalo green',
  pigments: ['PG7'],
  hazards: ['copper'],
  features: {
    bands: [
      { nm: 642, width: 28, K: 3790 },
      { nm: 715, width: 36, K: 2860 },
      { nm: 401, width: 65, K: 608 },
      { nm: 589, width: 41, K: 300 },
    ],
    floorK: 14.6,
    S: 34.1,
    falls: 1,
  },
})
