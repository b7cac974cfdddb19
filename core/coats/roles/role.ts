import type { Lab } from '../../colour/lab'
import type { StepKey } from '../../project/steps'
import type { Family } from './families'

/** What makes a mix itself: a window of CIELAB (D65, dry masstone) and what it holds. */
export interface Role {
  /** What painters call it. */
  name: string
  /** Hue from, to, in degrees, turning upwards through 360; any when not given. */
  h?: readonly [from: number, to: number]
  L: readonly [least: number, most: number]
  C: readonly [least: number, most: number]
  /** Any hue below this chroma. */
  greyBelow?: number
  /** One of these lists is in it, every family of the list. */
  holds: readonly (readonly Family[])[]
  /** The step of the figure whose lightness and hue it is mixed towards, within its window. */
  as: StepKey
  /** Where it is wanted whatever the figure is: black is black. */
  aim?: Lab
}
