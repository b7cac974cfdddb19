import { pigmentPaint } from '../pigment'

/**
 * Diketopyrrolopyrrole with a shorter chromophore than the red: the edge lies near 565 nm.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const pyrroleOrange = pigmentPaint({
  id: 'pyrrole-orange',
  name: 'pyrrole orange',
  pigments: ['PO73'],
  hazards: [],
  features: {
    edges: [{ nm: 559, width: 22, K: 371 }],
    bands: [{ nm: 509, width: 24, K: 118 }],
    floorK: 0.783,
    S: 70.1,
    falls: 1,
  },
})
