import { pigmentPaint } from '../pigment'

/**
 * Arylide azo yellow: a band near 430 nm with an edge near 497 nm, tail quite clean.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const arylideYellow = pigmentPaint({
  id: 'arylide-yellow',
  name: 'arylide yellow',
  pigments: ['PY74'],
  hazards: [],
  features: {
    edges: [{ nm: 496, width: 23, K: 215 }],
    bands: [{ nm: 429, width: 34, K: 217 }],
    floorK: 0.279,
    S: 58.3,
    falls: 1,
  },
})
