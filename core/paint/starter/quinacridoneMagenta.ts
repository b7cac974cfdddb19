import { pigmentPaint } from '../pigment'

/**
 * Dimethylquinacridone: paired bands near 530 and 562 nm of about equal height, and a wide open blue.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const quinacridoneMagenta = pigmentPaint({
  id: 'quinacridone-magenta',
  name: 'quinacridone magenta',
  pigments: ['PR122'],
  hazards: [],
  features: {
    bands: [
      { nm: 530, width: 18, K: 977 },
      { nm: 562, width: 14, K: 1028 },
      { nm: 497, width: 20, K: 411 },
      { nm: 370, width: 45, K: 797 },
    ],
    floorK: 29.7,
    S: 91,
    falls: 1.3,
  },
})
