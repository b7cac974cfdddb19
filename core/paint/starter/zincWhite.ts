import { pigmentPaint } from '../pigment'

/**
 * Zinc oxide: a band edge near 384 nm and a lower index than rutile, hence about a quarter of its scattering.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const zincWhite = pigmentPaint({
  id: 'zinc-white',
  name: 'zinc white',
  pigments: ['PW4'],
  hazards: [],
  features: {
    edges: [{ nm: 384, width: 14, K: 220 }],
    floorK: 0.012,
    S: 42,
    falls: 0.8,
  },
})
