import { pigmentPaint } from '../pigment'

/**
 * Iron hexacyanoferrate: the wide charge-transfer band near 690 nm, strong, hardly scatters.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const prussianBlue = pigmentPaint({
  id: 'prussian-blue',
  name: 'Prussian blue',
  pigments: ['PB27'],
  hazards: [],
  features: {
    bands: [
      { nm: 690, width: 88, K: 2900 },
      { nm: 400, width: 61, K: 225 },
    ],
    floorK: 38.1,
    S: 21,
    falls: 1,
  },
})
