/** The calibration card, in mm from the upper left corner mark; printed at full size. */
export interface CardBox {
  x: number
  y: number
  width: number
  height: number
}

export const CARD_WIDTH_MM = 180
export const CARD_HEIGHT_MM = 120

/** Corner marks, clockwise from the upper left. */
export const cornerMarks = [
  { x: 0, y: 0 },
  { x: CARD_WIDTH_MM, y: 0 },
  { x: CARD_WIDTH_MM, y: CARD_HEIGHT_MM },
  { x: 0, y: CARD_HEIGHT_MM },
] as const

/** Reflectance of plain printer paper; from memory. */
export const PAPER = 0.88
/** Reflectances that the grey steps are printed for, light to dark; a printer comes near them. */
export const greySteps = [0.59, 0.36, 0.19, 0.09, 0.04] as const

export const greyBoxes: readonly CardBox[] = greySteps.map((_, i) => ({
  x: 12 + i * 33,
  y: 6,
  width: 24,
  height: 14,
}))

const COLUMNS = 5
const ROWS = 2
const WELL = { width: 28, height: 38 }

/** Ten wells; the left half of each is printed black, the right half is bare paper. */
export const wells: readonly CardBox[] = Array.from({ length: COLUMNS * ROWS }, (_, i) => ({
  x: 6 + (i % COLUMNS) * 35,
  y: 27 + Math.floor(i / COLUMNS) * 46,
  ...WELL,
}))

export const halvesOf = ({ x, y, width, height }: CardBox): { black: CardBox; white: CardBox } => ({
  black: { x, y, width: width / 2, height },
  white: { x: x + width / 2, y, width: width / 2, height },
})

/** Places of bare paper between the wells and the steps, where the light is told. */
export const paperSpots: readonly { x: number; y: number }[] = [
  ...[3, 23.5].flatMap((y) => [9, 40.5, 73.5, 106.5, 139.5, 171].map((x) => ({ x, y }))),
  ...[46, 69, 92].flatMap((y) => [37.5, 72.5, 107.5, 142.5, 177].map((x) => ({ x, y }))),
  ...[69, 115].flatMap((y) => [3, 20, 55, 90, 125, 160, 177].map((x) => ({ x, y }))),
]
