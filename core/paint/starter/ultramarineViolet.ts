import { pigmentPaint } from '../pigment'

/**
 * Oxidised ultramarine: the band moved to about 550 nm, weak.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const ultramarineViolet = pigmentPaint({
  id: 'ultramarine-violet',
  name: 'ultramarine violet',
  pigments: ['PV15'],
  hazards: [],
  features: {
    bands: [
      { nm: 544, width: 56, K: 147 },
      { nm: 599, width: 34, K: 57.5 },
    ],
    floorK: 3.73,
    S: 46.4,
    falls: 1,
  },
})
