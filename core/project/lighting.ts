import type { LightSchool, ShadowSchool } from './schoolKeys'
import type { SeenFrom } from './seenFrom'
import { sizeLimits } from './figureSize'
import type { Spectrum } from '../colour/spectrum'

export type StepCount = 3 | 5 | 7 | 9
export const stepCounts: readonly StepCount[] = [3, 5, 7, 9]

/** How the light and the painter's taste shape a ladder. */
export interface Lighting {
  steps: StepCount
  /** 1 is a 54 mm figure judged on the table; 0.4 soft to 1.6 dramatic. */
  contrast: number
  /** Key light from −1 cold to 1 warm; the shadow goes the other way, as the eye adapts. */
  warmth: number
  /** How far shadows follow their school, 0–1. Below 0 without a school means blue-green. */
  turn: number
  /** Share of the added light that comes off the surface without entering, 0–1; it greys lights. */
  sheen: number
  /** Violet when not given (blue-green when `turn` is below 0). */
  shadow?: ShadowSchool
  light?: LightSchool
  /** How far lights follow their school, 0–1. */
  lift?: number
  /** Reflectance of the chosen paint, where a school is "paint". */
  shadowTint?: Spectrum
  lightTint?: Spectrum
  /** Light thrown from skin to skin in the deepest fold, 0–0.9; it warms and saturates shadow. */
  bounce?: number
  /** 0 craggy, the whole range; 1 smooth and young, a short one. */
  softness?: number
  /** What is even between steps: the whole colour difference (ΔE00) or lightness (L*). */
  spacing?: 'difference' | 'lightness'
  /** Height of the figure, mm. */
  sizeMm?: number
  seenFrom?: SeenFrom
}

export const lightingLimits = {
  contrast: [0.4, 1.6],
  warmth: [-1, 1],
  turn: [-1, 1],
  sheen: [0, 1],
  lift: [0, 1],
  bounce: [0, 0.9],
  softness: [0, 1],
  sizeMm: sizeLimits,
} as const

export const plainLighting: Lighting = {
  steps: 7,
  contrast: 1,
  warmth: 0.2,
  turn: 0.3,
  sheen: 0.35,
}

/** Strengths where nothing else is said (from memory). */
export const usual = {
  lift: 0.4,
  bounce: 0.45,
  softness: 0,
  sizeMm: 54,
  seenFrom: 'table',
} as const
