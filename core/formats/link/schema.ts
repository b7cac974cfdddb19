import * as v from 'valibot'
import type { HazardKey, OpacityClass, PaintKind } from '../../paint/paint'
import type { Finish } from '../../paint/surface'
import { ownPaintSchema } from '../box/schema'
import { atMost } from '../project/common'
import { within } from '../fields'

/** L*, a* and b* in a row. */
export type Told = [L: number, a: number, b: number]

/** A bottle of the sender's own, as it is told: by its colour as it is and in white, and by its label. */
export interface ToldBottle {
  id: string
  name: string
  kind: PaintKind
  pigments: string[]
  opacity: OpacityClass
  hazards: HazardKey[]
  finish?: Finish | undefined
  lab: Told
  /** One part of it in nine of titanium white. */
  tint: Told
}

const told = v.strictTuple([within([0, 100]), within([-128, 128]), within([-128, 128])])

const { K: _K, S: _S, spread: _spread, origin: _origin, ...label } = ownPaintSchema.entries

/** What a link holds beside the figure and its puddles; those are checked as those of a project are. */
export const linkSchema = v.object({
  /** Version of the project file that figure and puddles are written as. */
  v: v.number('is no version'),
  f: v.record(v.string(), v.unknown(), 'is no figure'),
  p: v.array(v.unknown(), 'are no puddles'),
  b: v.pipe(v.array(v.object({ ...label, lab: told, tint: told })), atMost(40, 'bottles')),
})
