import { pigmentPaint } from '../pigment'

/**
 * Cadmium zinc sulfide, a semiconductor: steep band edge near 512 nm, strong scattering.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const cadmiumYellow = pigmentPaint({
  id: 'cadmium-yellow',
  name: 'cadmium yellow',
  pigments: ['PY35'],
  hazards: ['cadmium'],
  features: {
    edges: [{ nm: 513, width: 24, K: 374 }],
    floorK: 0.465,
    S: 109,
    falls: 0.6,
  },
})
