import { displayColour, exposure, keyVector, usualKey } from '../../../core'
import type { FigurePlan, Lab } from '../../../core'
import type { FormLook } from './formPaint'

/** A ladder as it lies on a form. */
export interface LaidLadder {
  /** Dark to light. */
  labs: readonly Lab[]
  /** Which of them is the base, and the lightness it aims at. */
  base: number
  baseL: number
  key?: FigurePlan['key']
  grey?: boolean
  blend?: number
  ridges?: number
}

/** What a scene has to know to paint it. */
export function formLook({
  labs,
  base,
  baseL,
  key = usualKey,
  grey = false,
  blend = 0,
  ridges = 0,
}: LaidLadder): FormLook {
  const { edges, hollow } = exposure(baseL, base, labs.length - 1 - base)
  return {
    edges,
    hollow,
    key: keyVector(key),
    blend,
    ridges,
    colours: labs.map(({ L, a, b }) => displayColour(grey ? { L, a: 0, b: 0 } : { L, a, b }).rgb),
  }
}
