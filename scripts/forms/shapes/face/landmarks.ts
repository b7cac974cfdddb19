/**
 * Points of the canonical face by what a sculptor calls them, those of the figure's own left (x > 0) and of the middle.
 * Indices are those of the open canonical face model (Apache-2.0, see NOTICE).
 */
export const landmarks = {
  hairline: 10,
  nasion: 168,
  tip: 4,
  subnasale: 2,
  mouthLine: 13,
  menton: 152,
  innerCorner: 362,
  outerCorner: 263,
  upperLid: 386,
  lowerLid: 374,
  wing: 358,
  mouthCorner: 291,
  beforeEar: 454,
  jawAngle: 288,
} as const

/** The rim of the left eye's opening, round from its outer corner over the lower lid. */
export const LEFT_EYE = [
  263, 249, 390, 373, 374, 380, 381, 382, 362, 398, 384, 385, 386, 387, 388, 466,
] as const
/** Where the lips meet, from corner to corner: of the upper lip and of the lower. */
export const UPPER_MEETS = [78, 191, 80, 81, 82, 13, 312, 311, 310, 415, 308] as const
export const LOWER_MEETS = [78, 95, 88, 178, 87, 14, 317, 402, 318, 324, 308] as const
/** One row further out: the red of each lip. */
export const UPPER_RED = [183, 42, 41, 38, 12, 268, 271, 272, 407] as const
export const LOWER_RED = [96, 89, 179, 86, 15, 316, 403, 319, 325] as const
/** The border of the red on the skin, from the middle to the left corner. */
export const UPPER_BORDER = [0, 267, 269, 270, 409, 291] as const
export const LOWER_BORDER = [17, 314, 405, 321, 375, 291] as const
/** The edge of the jaw, from under the ear to the chin. */
export const JAW_EDGE = [361, 288, 365, 378, 152] as const
/** The rim of the whole face, round. */
export const RIM = [
  10, 338, 297, 332, 284, 251, 389, 356, 454, 323, 361, 288, 397, 365, 379, 378, 400, 377, 152, 148,
  176, 149, 150, 136, 172, 58, 132, 93, 234, 127, 162, 21, 54, 103, 67, 109,
] as const
