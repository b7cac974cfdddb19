import { pigmentPaint } from '../pigment'

/**
 * Coarse haematite: the edge moved to about 585 nm and scattering that grows toward red, which gives the violet cast.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const marsViolet = pigmentPaint({
  id: 'mars-violet',
  name: 'Mars violet',
  pigments: ['PR101'],
  hazards: [],
  features: {
    edges: [{ nm: 585, width: 56, K: 487 }],
    bands: [{ nm: 540, width: 40, K: 96.7 }],
    floorK: 251,
    S: 175,
    falls: -0.4,
  },
})
