import { displayColour, exposure, keyVector, usualKey } from '../../../core'
import type { FigurePlan, Lab } from '../../../core'
import type { BrushEdge, FormLook } from './formPaint'

/** A ladder as it lies on a form. */
export interface LaidLadder {
  /** Dark to light. */
  labs: readonly Lab[]
  /** Which of them is the base, and the lightness it aims at. */
  base: number
  baseL: number
  key?: FigurePlan['key']
  grey?: boolean
  edges?: BrushEdge
  /** Colours of a second light from the other side, as many. */
  second?: readonly Lab[]
  ridges?: number
}

/** What a scene has to know to paint it. */
export function formLook({
  labs,
  base,
  baseL,
  key = usualKey,
  grey = false,
  edges = 'painted',
  second,
  ridges = 0,
}: LaidLadder): FormLook {
  const { edges: levels, hollow } = exposure(baseL, base, labs.length - 1 - base)
  const screen = (list: readonly Lab[]): FormLook['colours'] =>
    list.map(({ L, a, b }) => displayColour(grey ? { L, a: 0, b: 0 } : { L, a, b }).rgb)
  const other = { azimuth: -key.azimuth, elevation: key.elevation }
  return {
    levels,
    hollow,
    key: keyVector(key),
    edges,
    ridges,
    colours: screen(labs),
    ...(second?.length === labs.length && base < levels.length
      ? { second: { key: keyVector(other), colours: screen(second), meets: levels[base]! } }
      : {}),
  }
}
