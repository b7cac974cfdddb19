import { pigmentPaint } from '../pigment'

/**
 * Bismuth vanadate, a semiconductor: steep band edge near 492 nm, strong scattering, greenish.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const bismuthVanadate = pigmentPaint({
  id: 'bismuth-vanadate',
  name: 'bismuth vanadate yellow',
  pigments: ['PY184'],
  hazards: ['vanadium'],
  features: {
    edges: [{ nm: 492, width: 26, K: 213 }],
    floorK: 0.377,
    S: 112,
    falls: 0.6,
  },
})
