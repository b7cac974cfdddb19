import { pigmentPaint } from '../pigment'

/**
 * Diketopyrrolopyrrole: vibronic bands near 505 and 540 nm ending in a steep edge near 595 nm.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const pyrroleRed = pigmentPaint({
  id: 'pyrrole-red',
  name: 'pyrrole red',
  pigments: ['PR254'],
  hazards: [],
  features: {
    edges: [{ nm: 582, width: 18, K: 547 }],
    bands: [
      { nm: 539, width: 19, K: 170 },
      { nm: 504, width: 25, K: 176 },
    ],
    floorK: 1.76,
    S: 64,
    falls: 1,
  },
})
