import type { Ingredient } from '../../../core'
import type { PuddleEdited } from '../../stores/palette/asked'
import type { PaletteWell } from '../../stores/palette/palette'

/** Whether the painter may change what is in a well: a mix that was found is made their own by being put somewhere. */
export const isMine = ({ kind }: Pick<PaletteWell, 'kind'>): boolean => kind !== 'found'

/** A well as it is opened to be changed. */
export const pouringStart = (well: PaletteWell, id: string): PuddleEdited => ({
  id,
  name: well.kind === 'step' ? '' : well.name,
  parts: well.made,
})

/** Two mixes poured together: a new puddle of both, half and half, to be changed before it is kept. */
export const pourInto = (into: Ingredient, of: Ingredient): PuddleEdited => ({
  name: '',
  parts: [
    { of: into, drops: 1 },
    { of, drops: 1 },
  ],
})
