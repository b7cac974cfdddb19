import { pigmentPaint } from '../pigment'

/**
 * Beta quinacridone: paired bands near 530 and 565 nm, a window in the blue, small grains that hardly scatter.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const quinacridoneRose = pigmentPaint({
  id: 'quinacridone-rose',
  name: 'quinacridone rose',
  pigments: ['PV19'],
  hazards: [],
  features: {
    edges: [{ nm: 589, width: 19, K: 32.7 }],
    bands: [
      { nm: 530, width: 22, K: 229 },
      { nm: 561, width: 12, K: 1820 },
      { nm: 494, width: 30, K: 156 },
      { nm: 410, width: 40, K: 150 },
    ],
    floorK: 3.63,
    S: 30.5,
    falls: 1.3,
  },
})
