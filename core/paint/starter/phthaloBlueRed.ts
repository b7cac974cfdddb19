import { pigmentPaint } from '../pigment'

/**
 * Copper phthalocyanine, alpha: Q bands near 615 and 695 nm, Soret band below 380 nm, very strong, hardly scatters.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const phthaloBlueRed = pigmentPaint({
  id: 'phthalo-blue-red',
  name: 'phthalo blue, red shade',
  pigments: ['PB15:1'],
  hazards: ['copper'],
  features: {
    bands: [
      { nm: 615, width: 33, K: 4040 },
      { nm: 695, width: 28, K: 1040 },
      { nm: 559, width: 39, K: 625 },
      { nm: 345, width: 44, K: 1100 },
    ],
    floorK: 20,
    S: 34.3,
    falls: 1.2,
  },
})
