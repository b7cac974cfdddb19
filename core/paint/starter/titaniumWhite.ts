import { pigmentPaint } from '../pigment'

/**
 * Rutile: a band edge near 390 nm and the strongest scattering of all; S from memory, 100–250 mm⁻¹ in the literature.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const titaniumWhite = pigmentPaint({
  id: 'titanium-white',
  name: 'titanium white',
  pigments: ['PW6'],
  hazards: [],
  features: {
    edges: [{ nm: 389, width: 22, K: 300 }],
    floorK: 0.035,
    S: 165,
    falls: 0.9,
  },
})
