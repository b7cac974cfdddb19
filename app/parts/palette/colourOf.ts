import { isBottle } from '../../../core'
import type { Ingredient, Lab } from '../../../core'
import { isKnown, paintOf } from '../../stores/paints'
import type { FigurePalette } from '../../stores/palette/figurePalette'
import { paintColours } from '../paintColours'

/** What something to lay or to mix looks like, opaque; nothing where it is not there. */
export function colourOf(of: Ingredient, palette: FigurePalette): Lab | undefined {
  if (isBottle(of))
    return isKnown(of.bottle) ? paintColours(paintOf(of.bottle)).masstone : undefined
  return palette.look([{ of, drops: 1 }]).lab
}
