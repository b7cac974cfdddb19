import { pigmentPaint } from '../pigment'

/**
 * Hydrated chromium(III) oxide: d–d bands near 430 and 610 nm, clear grains that hardly scatter.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const viridian = pigmentPaint({
  id: 'viridian',
  name: 'viridian',
  pigments: ['PG18'],
  hazards: ['chromium'],
  features: {
    bands: [
      { nm: 431, width: 54, K: 187 },
      { nm: 610, width: 48, K: 112 },
      { nm: 689, width: 49, K: 1090 },
    ],
    floorK: 5.77,
    S: 34.6,
    falls: 0.8,
  },
})
