import { pigmentPaint } from '../pigment'

/**
 * Magnetite: even absorption, grains large enough to scatter a little, weaker and browner than soot.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const marsBlack = pigmentPaint({
  id: 'mars-black',
  name: 'Mars black',
  pigments: ['PBk11'],
  hazards: [],
  features: {
    bands: [{ nm: 420, width: 120, K: 161 }],
    floorK: 592,
    S: 80.6,
    falls: 0.3,
  },
})
