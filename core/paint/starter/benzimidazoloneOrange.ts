import { pigmentPaint } from '../pigment'

/**
 * Azo orange: a band near 480 nm ending near 540 nm.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const benzimidazoloneOrange = pigmentPaint({
  id: 'benzimidazolone-orange',
  name: 'benzimidazolone orange',
  pigments: ['PO62'],
  hazards: [],
  features: {
    edges: [{ nm: 535, width: 29, K: 231 }],
    bands: [{ nm: 480, width: 29, K: 298 }],
    floorK: 0.558,
    S: 60.2,
    falls: 1,
  },
})
