import { pigmentPaint } from '../pigment'

/**
 * Goethite of finer grain than ochre: the same edge, less scattering, so a deep masstone and a golden undertone.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const rawSienna = pigmentPaint({
  id: 'raw-sienna',
  name: 'raw sienna',
  pigments: ['PBr7'],
  hazards: [],
  features: {
    edges: [{ nm: 530, width: 76, K: 165 }],
    bands: [
      { nm: 440, width: 39, K: 108 },
      { nm: 650, width: 40, K: 4.16 },
    ],
    floorK: 11.2,
    S: 45.8,
    falls: 1,
  },
})
