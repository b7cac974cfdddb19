import { pigmentPaint } from '../pigment'

/**
 * Haematite with manganese oxide: a red-oxide edge near 570 nm over a broad manganese absorption.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const burntUmber = pigmentPaint({
  id: 'burnt-umber',
  name: 'burnt umber',
  pigments: ['PBr7'],
  hazards: ['manganese'],
  features: {
    edges: [{ nm: 558, width: 123, K: 631 }],
    floorK: 156,
    S: 92.2,
    falls: 0.9,
  },
})
