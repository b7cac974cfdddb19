import { pigmentPaint } from '../pigment'

/**
 * Absorbs everywhere, a little more toward violet, and hardly scatters: soot grains far below the wavelength.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const carbonBlack = pigmentPaint({
  id: 'carbon-black',
  name: 'carbon black',
  pigments: ['PBk7'],
  hazards: [],
  features: {
    bands: [{ nm: 400, width: 123, K: 306 }],
    floorK: 1400,
    S: 60.4,
    falls: 0.5,
  },
})
