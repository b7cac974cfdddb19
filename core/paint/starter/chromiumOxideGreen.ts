import { pigmentPaint } from '../pigment'

/**
 * Chromium(III) oxide: the two octahedral d–d bands near 460 and 600 nm, strong scattering.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const chromiumOxideGreen = pigmentPaint({
  id: 'chromium-oxide-green',
  name: 'chromium oxide green',
  pigments: ['PG17'],
  hazards: ['chromium'],
  features: {
    bands: [
      { nm: 459, width: 34, K: 434 },
      { nm: 601, width: 32, K: 261 },
      { nm: 380, width: 30, K: 70.6 },
    ],
    floorK: 17.5,
    S: 173,
    falls: 0.3,
  },
})
