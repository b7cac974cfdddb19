import { pigmentPaint } from '../pigment'

/**
 * Copper phthalocyanine, beta: Q bands near 620 and 705 nm, Soret band below 380 nm, very strong, hardly scatters.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const phthaloBlueGreen = pigmentPaint({
  id: 'phthalo-blue-green',
  name: 'phthalo blue, green shade',
  pigments: ['PB15:3'],
  hazards: ['copper'],
  features: {
    bands: [
      { nm: 620, width: 36, K: 5570 },
      { nm: 705, width: 30, K: 1230 },
      { nm: 345, width: 38, K: 808 },
    ],
    floorK: 29.3,
    S: 29.2,
    falls: 1.2,
  },
})
