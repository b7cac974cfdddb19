import { pigmentPaint } from '../pigment'

/**
 * Dimethylquinacridone: narrower paired bands near 527 and 565 nm and a wide open blue.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const quinacridoneMagenta = pigmentPaint({
  id: 'quinacridone-magenta',
  name: 'quinacridone magenta',
  pigments: ['PR122'],
  hazards: [],
  features: {
    bands: [
      { nm: 530, width: 18, K: 138 },
      { nm: 558, width: 14, K: 5110 },
      { nm: 496, width: 25, K: 18.9 },
      { nm: 402, width: 27, K: 810 },
    ],
    floorK: 4.1,
    S: 25.3,
    falls: 1.3,
  },
})
