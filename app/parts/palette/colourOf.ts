import { isBottle } from '../../../core'
import type { Ingredient, Lab } from '../../../core'
import { isKnown, paintOf } from '../../stores/paints'
import type { FigurePalette } from '../../stores/palette/figurePalette'
import { paintColours } from '../paintColours'

/** What a bottle looks like, opaque; nothing where there is none of that id. */
export const bottleColour = (id: string): Lab | undefined =>
  isKnown(id) ? paintColours(paintOf(id)).masstone : undefined

/** What something to lay or to mix looks like, opaque; nothing where it is not there. */
export const colourOf = (of: Ingredient, palette: FigurePalette): Lab | undefined =>
  isBottle(of) ? bottleColour(of.bottle) : palette.look([{ of, drops: 1 }]).lab
