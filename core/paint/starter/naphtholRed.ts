import { pigmentPaint } from '../pigment'

/**
 * Naphthol azo: one broad band near 530 nm with an edge near 593 nm; less scattering than pyrrole.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const naphtholRed = pigmentPaint({
  id: 'naphthol-red',
  name: 'naphthol red',
  pigments: ['PR112'],
  hazards: [],
  features: {
    edges: [{ nm: 582, width: 18, K: 511 }],
    bands: [{ nm: 529, width: 22, K: 344 }],
    floorK: 1.16,
    S: 41.2,
    falls: 1,
  },
})
