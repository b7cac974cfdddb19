import { pigmentPaint } from '../pigment'

/**
 * Dioxazine: strong bands near 530, 575 and 620 nm, a window in the violet, very strong, hardly scatters.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const dioxazineViolet = pigmentPaint({
  id: 'dioxazine-violet',
  name: 'dioxazine violet',
  pigments: ['PV23'],
  hazards: [],
  features: {
    bands: [
      { nm: 571, width: 24, K: 4200 },
      { nm: 617, width: 18, K: 326 },
      { nm: 531, width: 28, K: 508 },
      { nm: 391, width: 43, K: 840 },
    ],
    floorK: 8.48,
    S: 19.3,
    falls: 1.2,
  },
})
