import { pigmentPaint } from '../pigment'

/**
 * Made goethite: the ochre edge near 520–555 nm without the clay, so purer and stronger.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const yellowIronOxide = pigmentPaint({
  id: 'yellow-iron-oxide',
  name: 'yellow iron oxide',
  pigments: ['PY42'],
  hazards: [],
  features: {
    edges: [{ nm: 520, width: 64, K: 135 }],
    bands: [
      { nm: 440, width: 38, K: 168 },
      { nm: 650, width: 41, K: 2.6 },
    ],
    floorK: 2.78,
    S: 94.5,
    falls: 0.8,
  },
})
