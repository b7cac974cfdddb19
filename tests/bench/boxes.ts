import { starterPaints } from '../../core'
import type { Paint } from '../../core'
import { manyPaints } from './manyPaints'

/** Boxes of so many paints: the first of the starter paints, or many made of them. */
export const boxes = {
  starter: (count: number): Paint[] => starterPaints.slice(0, count),
  many: manyPaints,
}

/** Which box a thread is to search. */
export interface BoxOf {
  box: keyof typeof boxes
  paints: number
}
