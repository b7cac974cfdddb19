/** What a change of one bottle makes of the mean miss. */
export interface OneChange {
  bottle: string
  mean: number
}
export interface SetChanges {
  mean: number
  worst: number
  /** Colours that are too far off to be told how far. */
  cut: number
  /** With one more, the best first; without one, that which is worth least first. */
  brings: OneChange[]
  worth: OneChange[]
}
