import { baseReflectance, rowsApart, setRowApart } from '../../../core'
import type { Figure, SeenFrom, SeenRow, Tone } from '../../../core'
import { targetsOfFigure } from '../../stores/ladder/plan'
import { seenRow } from '../../stores/range/rows'
import type { RangeRow } from '../../stores/range/rows'

/** A figure as it would be seen with another tone: what its ladder would aim at. */
function rowWith(figure: Figure, tone: Tone): SeenRow {
  const steps = targetsOfFigure({ ...figure, tone })
  return {
    steps: steps.map(({ target, share }) => ({ lab: target, share })),
    base: steps.findIndex(({ key }) => key === 'base'),
    sizeMm: figure.size.heightMm,
  }
}

/**
 * The tone that tells a figure apart from others, moved no further than needed; nothing when none does. What is kept of
 * its mixes stays kept.
 */
export function setFigureApart(
  figure: Figure,
  others: readonly RangeRow[],
  from: SeenFrom,
): Tone | undefined {
  const seen = others.map(seenRow)
  const reads = (tone: Tone): boolean => {
    // A tone that no reflectance has is no way to go.
    try {
      baseReflectance(tone)
    } catch {
      return false
    }
    const mine = rowWith(figure, tone)
    return seen.every((other) => !rowsApart(mine, other, from).alike)
  }
  return setRowApart(figure.tone, { sizeMm: figure.size.heightMm, reads })?.tone
}
