import { pigmentPaint } from '../pigment'

/**
 * Goethite with manganese oxide: the ochre edge blurred by a broad manganese absorption over the whole range.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const rawUmber = pigmentPaint({
  id: 'raw-umber',
  name: 'raw umber',
  pigments: ['PBr7'],
  hazards: ['manganese'],
  features: {
    edges: [{ nm: 530, width: 90, K: 386 }],
    floorK: 208,
    S: 74,
    falls: 0.9,
  },
})
