import { pigmentPaint } from '../pigment'

/**
 * Roasted sienna, fine haematite: edge near 565–575 nm, little scattering.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const burntSienna = pigmentPaint({
  id: 'burnt-sienna',
  name: 'burnt sienna',
  pigments: ['PBr7'],
  hazards: [],
  features: {
    edges: [{ nm: 569, width: 55, K: 257 }],
    bands: [{ nm: 450, width: 49, K: 243 }],
    floorK: 42.2,
    S: 59.8,
    falls: 1,
  },
})
