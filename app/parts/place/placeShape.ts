/** A shape of the line drawing that stands for a place of life. */
export interface PlaceShape {
  /** Zones that the shape stands for; the first that the figure has is taken. */
  zones: readonly string[]
  d: string
}

/** A line drawing of a kind of being; our own. */
export interface Drawing {
  /** What is filled with the colour of the skin, the head first. */
  skin: readonly string[]
  lines: readonly string[]
  places: readonly PlaceShape[]
}
