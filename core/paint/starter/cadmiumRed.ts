import { pigmentPaint } from '../pigment'

/**
 * Cadmium sulfoselenide, a semiconductor: full absorption up to a steep band edge near 598 nm, strong scattering.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const cadmiumRed = pigmentPaint({
  id: 'cadmium-red',
  name: 'cadmium red',
  pigments: ['PR108'],
  hazards: ['cadmium'],
  features: {
    edges: [{ nm: 581, width: 17, K: 551 }],
    floorK: 2.9,
    S: 93.5,
    falls: 0.6,
  },
})
