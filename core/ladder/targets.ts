import { labOf, xyzOf } from '../colour/lab'
import type { Lab } from '../colour/lab'
import { checkSpectrum } from '../colour/spectrum'
import type { Spectrum } from '../colour/spectrum'
import { smoothestReflectance } from '../colour/smoothest'
import { keyLight } from './light'
import { rungs } from './steps'
import type { Rung } from './steps'

/** How the light and the painter's taste shape a ladder. */
export interface Mood {
  steps: 5 | 7
  /** 1 is a figure judged on the table; 0.4 soft to 1.6 dramatic. */
  contrast: number
  /** Key light from −1 cold to 1 warm; the shadow goes the other way, as the eye adapts. */
  warmth: number
  /** Shadows toward blue-green (−1), the skin's own colour (0) or violet (1). */
  turn: number
  /** Share of the added light that comes off the surface without entering, 0–1; it greys lights. */
  sheen: number
}

export const moodLimits = {
  contrast: [0.4, 1.6],
  warmth: [-1, 1],
  turn: [-1, 1],
  sheen: [0, 1],
} as const

export const plainMood: Mood = { steps: 7, contrast: 1, warmth: 0.2, turn: 0.3, sheen: 0.35 }

export interface Target extends Rung {
  target: Lab
  reflectance: Spectrum
}

/** The darkest and the lightest a painted step goes: matt black and white leave no room beyond. */
const FLOOR_L = 9
const CEILING_L = 95
/** Light thrown from skin to skin in a fold, at the deepest step. */
const BOUNCE = 0.45

let filters: { violet: Spectrum; blueGreen: Spectrum } | undefined
/** What the turned shadows are seen through; chroma chosen so that a full turn is plain to see. */
function shadowFilters() {
  filters ??= {
    violet: smoothestReflectance({ L: 65, a: 26, b: -22 }),
    blueGreen: smoothestReflectance({ L: 65, a: -26, b: -10 }),
  }
  return filters
}

const luminance = (reflectance: Spectrum): number => xyzOf(reflectance)[1] / 100
const luminanceOfL = (L: number): number => (L > 8 ? ((L + 16) / 116) ** 3 : (L * 27) / 24389)

/** L* a rung aims at; lights go further where there is middle value to climb from. */
function aimL(baseL: number, climb: number, contrast: number): number {
  if (climb <= 0) return Math.max(FLOOR_L, baseL + climb * contrast * (baseL - 4))
  const reach = 0.5 * Math.sqrt(Math.max(0, (96 - baseL) * baseL))
  return Math.min(CEILING_L, baseL + climb * contrast * reach)
}

/** A fold lights itself: every bounce multiplies by the skin's own colour once more. */
const bounced = (r: number, fold: number): number => r / (1 - fold * r)

function shaded(base: Spectrum, rung: Rung, mood: Mood): Spectrum {
  const depth = Math.min(1, -rung.climb * 1.5)
  const ambient = keyLight(-mood.warmth * depth)
  const { violet, blueGreen } = shadowFilters()
  const filter = mood.turn >= 0 ? violet : blueGreen
  const strength = Math.abs(mood.turn) * depth
  return base.map((r, i) => bounced(r, BOUNCE * depth) * ambient[i]! * filter[i]! ** strength)
}

/** Scales a colour to a luminance. Nothing reflects more than all light: bands are held under 1. */
function scaled(colour: Spectrum, wanted: number): Spectrum {
  let [low, high] = [0, 4 / Math.max(1e-6, luminance(colour))]
  let result = colour
  for (let i = 0; i < 40; i++) {
    const gain = (low + high) / 2
    result = colour.map((v) => Math.min(0.96, v * gain))
    if (luminance(result) < wanted) low = gain
    else high = gain
  }
  return result
}

function lit(base: Spectrum, rung: Rung, mood: Mood, wanted: number): Spectrum {
  const key = keyLight(mood.warmth * rung.climb)
  const from = luminance(base)
  const surface = Math.max(0, wanted - from) * mood.sheen
  const body = scaled(
    base.map((r, i) => r * key[i]!),
    wanted - surface,
  )
  return scaled(
    body.map((r, i) => r + surface * key[i]!),
    wanted,
  )
}

/** @throws RangeError naming the setting that is out of range. */
export function checkMood(mood: Mood): void {
  for (const [name, [least, most]] of Object.entries(moodLimits)) {
    const value = mood[name as keyof typeof moodLimits]
    if (!(value >= least && value <= most))
      throw new RangeError(`${name} is ${value}; allowed is ${least} to ${most}`)
  }
}

/**
 * What each step should look like, dark to light: the base skin under less or more of the key
 * light, the rest ambient light of the opposite temperature, light bounced in folds and sheen
 * (docs/optics.md). The base step is the base itself. Lab under D65, 2°.
 * @throws RangeError for a base that is no reflectance or a setting out of range.
 */
export function ladderTargets(base: Spectrum, mood: Mood): Target[] {
  checkSpectrum(base, 'base', 0, 1)
  checkMood(mood)
  const baseL = labOf(base).L
  return rungs(mood.steps).map((rung) => {
    const wanted = luminanceOfL(aimL(baseL, rung.climb, mood.contrast))
    const reflectance =
      rung.climb === 0
        ? base
        : rung.climb < 0
          ? scaled(shaded(base, rung, mood), wanted)
          : lit(base, rung, mood, wanted)
    return { ...rung, target: labOf(reflectance), reflectance }
  })
}
