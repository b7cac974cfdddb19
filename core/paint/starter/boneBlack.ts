import { pigmentPaint } from '../pigment'

/**
 * Soot thinned with bone mineral: a weak, slightly warm black.
 * Features from memory of the pigment's spectrum, sized to a recalled masstone and 1:9 tint.
 */
export const boneBlack = pigmentPaint({
  id: 'bone-black',
  name: 'bone black',
  pigments: ['PBk9'],
  hazards: [],
  features: {
    bands: [{ nm: 420, width: 102, K: 221 }],
    floorK: 394,
    S: 27.6,
    falls: 0.5,
  },
})
