import type { Lab } from '../colour/lab'
import type { PuddlePart } from '../puddle/puddle'
import type { FormKey } from './forms'
import type { KeyDirection } from './keyLight'
import type { Lighting } from './lighting'
import type { StepKey } from './steps'

/** How the steps of a ladder are mixed. */
export const mixingKeys = ['puddles', 'matched', 'run', 'bought'] as const
export type MixingKey = (typeof mixingKeys)[number]

/** How a figure's ladder is lit, shaped and mixed. */
export interface FigurePlan extends Omit<Lighting, 'shadowTint' | 'lightTint' | 'sizeMm'> {
  maxPaints: number
  /** Drops of a puddle at most; by size and number (`usualDrops`) when not given. */
  maxDrops?: number
  /** Paints of the schools that follow one. */
  shadowPaint?: string
  lightPaint?: string
  /** Warmth of a second light from the other side. */
  otherWarmth?: number
  form?: FormKey
  key?: KeyDirection
  /** By how much the target of a step was moved. */
  moved?: Partial<Record<StepKey, Lab>>
  /** From few puddles when not given. */
  way?: MixingKey
  /** Puddles of a ladder that is mixed of few; three when not given. */
  puddles?: number
  /** Most bottles the whole ladder is mixed from; any number when not given. */
  bottles?: number
  /** Least share of the base in every step. */
  family?: number
  runLight?: string
  runShade?: string
  /** Bottles of a bought progression. */
  progression?: string[]
  /** Share of the figure that is bare skin. */
  bare?: number
}

/** A ladder put by under a name: its plan, and its steps as they were. */
export interface LadderVersion {
  id: string
  name: string
  at: string
  plan: FigurePlan
  steps: { key: StepKey; share: number; target: Lab; painted: Lab; parts: PuddlePart[] }[]
}
