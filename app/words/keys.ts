/** A key, or several together, and what it does. */
export interface KeyWords {
  keys: string
  does: string
}

export const everywhereKeys: readonly KeyWords[] = [
  { keys: 'Ctrl K', does: 'go to a room, a figure or a paint, or do something, by its name' },
  { keys: '1 … 9', does: 'the rooms, from the top' },
  { keys: '[ and ]', does: 'the figure before, the figure after' },
  { keys: 'Ctrl Z', does: 'undo; with Shift redo' },
  { keys: 'Ctrl S', does: 'pack the whole commission as one file, its backup' },
  { keys: '?', does: 'these keys' },
]

/** Keys of a room by its name; what has none is worked by Tab, arrows and Enter. */
export const keysOfRoom: Readonly<Record<string, readonly KeyWords[]>> = {
  Ladder: [
    { keys: 'Arrows left and right', does: 'from step to step in a row of drops' },
    { keys: 'Page up and down', does: 'from row to row' },
    { keys: 'Arrows up and down, + and −', does: 'a drop more or less' },
  ],
  Tone: [{ keys: 'Arrows', does: 'move the pin; with Shift further' }],
  Figures: [{ keys: 'Alt with up or down', does: 'move a figure in the order' }],
  Coats: [
    { keys: 'Arrows up and down', does: 'from coat to coat' },
    { keys: 'Alt with up or down', does: 'lay a coat earlier or later' },
    { keys: 'Delete', does: 'take a coat off' },
  ],
  Box: [
    { keys: 'Arrows', does: 'from bottle to bottle' },
    { keys: 'Space', does: 'put it in or take it out' },
  ],
  Eye: [
    { keys: '1 … 7', does: 'choose' },
    { keys: 'Space', does: 'the next question' },
  ],
  Bench: [
    { keys: 'Space, Enter, Page Down', does: 'done: the next move' },
    { keys: 'Backspace, Page Up', does: 'back to the move before' },
    { keys: 'R', does: 'put the well right by looking' },
    { keys: 'D', does: 'it dries: a clock' },
    { keys: 'M', does: 'measure what is in the well' },
    { keys: 'N', does: 'a word about it' },
  ],
}
