/** Skin of a grown person, m², and height, m: the usual round figures. */
const BODY = { area: 1.8, height: 1.75 }
/** Dry film of a coat from unthinned paint, µm, and the part of wet paint that stays (from memory). */
const NEAT_DRY_UM = 20
const STAYS = 0.45
/** Brush and palette keep as much again as reaches the figure, and some more (from memory). */
const LOSS = 2.5
/** Under so many drops a puddle dries before it can be used; common practice, no source. */
export const LEAST_PUDDLE = 3

export interface AmountsRequest {
  /** Height of a figure, mm. */
  sizeMm: number
  figures: number
  /** Coats of every step. */
  coats: number
  /** Parts of thinner to one of paint. */
  thinner: number
  /** Share of the figure that is bare skin, 0–1. */
  bare: number
  dropsPerMl: number
  /** Share of the skin of every step. */
  shares: readonly number[]
}

export const usualAmounts = { figures: 1, coats: 2, thinner: 1, bare: 0.3, dropsPerMl: 20 } as const

/**
 * Bare skin of one figure, cm²: a body scaled down, by the square of its height.
 * @example skinAreaCm2(75, 0.3)
 */
export const skinAreaCm2 = (sizeMm: number, bare: number): number =>
  BODY.area * 1e4 * (sizeMm / 1000 / BODY.height) ** 2 * bare

/**
 * Drops of paint (thinner not counted) that every step takes, at least a puddle that can be worked
 * with. Every step's coats lie on its own share of the skin and a third of what lies above it, since lights
 * are laid over the step below.
 * @example dropsNeeded({ ...usualAmounts, sizeMm: 75, figures: 1, shares: [0.5, 0.5] })
 */
export function dropsNeeded(request: AmountsRequest): number[] {
  const { sizeMm, figures, coats, thinner, bare, dropsPerMl, shares } = request
  const area = skinAreaCm2(sizeMm, bare) * figures
  const coatCm = NEAT_DRY_UM / (1 + thinner) / STAYS / 1e4
  return shares.map((share, i) => {
    const above = shares.slice(i + 1).reduce((sum, s) => sum + s, 0)
    const ml = area * (share + above / 3) * coats * coatCm * LOSS
    return Math.max(LEAST_PUDDLE, ml * dropsPerMl)
  })
}
