import { pigmentPaint } from '../pigment'

/**
 * Goethite in clay: a wide charge-transfer edge near 520–560 nm and the weak iron band near 650 nm.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const yellowOchre = pigmentPaint({
  id: 'yellow-ochre',
  name: 'yellow ochre',
  pigments: ['PY43'],
  hazards: [],
  features: {
    edges: [{ nm: 519, width: 70, K: 153 }],
    bands: [
      { nm: 440, width: 39, K: 88.7 },
      { nm: 650, width: 41, K: 3.74 },
    ],
    floorK: 6.32,
    S: 88,
    falls: 0.8,
  },
})
