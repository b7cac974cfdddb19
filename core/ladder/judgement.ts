import type { SeenFrom } from '../project/seenFrom'
import { deltaE00 } from '../colour/deltaE00'
import type { Lab } from '../colour/lab'
import { chromaOf, hueOf } from '../colour/lch'
import { overstatement } from './light/overstatement'
import { usual } from '../project/lighting'
import type { Lighting } from '../project/lighting'
import type { StepKey } from '../project/steps'
import { MOST_USUAL_DROPS } from '../project/usualDrops'

/** A step as it will look. */
export interface JudgedStep {
  key: StepKey
  painted: Lab
  share: number
}

/** A change of the plan; a moved target adds to what it was moved already. */
export interface Mend extends Partial<Omit<Lighting, 'shadowTint' | 'lightTint'>> {
  maxDrops?: number
  moved?: { key: StepKey; by: { L: number; a: number; b: number } }
}

/** What is wrong with a ladder, and by how much. */
export type LadderFault =
  /** Lightness from dark to light, and what would read at the distance. */
  | { key: 'flat'; seenFrom: SeenFrom; range: number; wanted: number }
  /** The last gap and the mean one, ΔE00. */
  | { key: 'glint'; step: StepKey; under: StepKey; gap: number; mean: number }
  /** Degrees of hue beyond the base. */
  | { key: 'green shade'; step: StepKey; beyond: number }
  | { key: 'yellow dark'; hue: number }
  /** Chroma of the step and of the base. */
  | { key: 'saturated lights'; step: StepKey; chroma: number; baseChroma: number }
  | { key: 'chalky'; step: StepKey; chroma: number; baseChroma: number }
  /** The least and the greatest gap, ΔE00. */
  | { key: 'uneven'; least: number; greatest: number }
  /** Share of the skin that lights take. */
  | { key: 'stranded lights'; share: number }

export interface LadderJudgement {
  fault: LadderFault
  /** The change that mends it. */
  change: Mend
}

/** What the rules look at: the ladder as numbers. */
interface Look {
  lighting: Lighting
  steps: readonly JudgedStep[]
  base: Lab
  shades: readonly JudgedStep[]
  lights: readonly JudgedStep[]
  /** ΔE00 of neighbours, dark to light, and their mean. */
  gaps: readonly number[]
  mean: number
}
type Rule = (look: Look) => LadderJudgement | undefined

/** Range of lightness that a 54 mm figure needs on the table to be read (from memory). */
const READ_L = 38
const hueApart = (one: number, other: number): number => ((one - other + 540) % 360) - 180
/** Hues of living skin: from pink to yellow-brown. */
const warm = (base: Lab): boolean => hueOf(base) >= 15 && hueOf(base) <= 85 && chromaOf(base) > 6

const flat: Rule = ({ lighting, steps }) => {
  const seenFrom = lighting.seenFrom ?? usual.seenFrom
  const wanted = READ_L * overstatement(lighting.sizeMm ?? usual.sizeMm, seenFrom)
  const range = steps.at(-1)!.painted.L - steps[0]!.painted.L
  if (range >= wanted || lighting.contrast >= 1.6) return undefined
  const contrast = Math.round(lighting.contrast * (wanted / range) * 50 + 0.5) / 50
  const change = { contrast: Math.min(1.6, contrast) }
  return { fault: { key: 'flat', seenFrom, range, wanted }, change }
}

/** The last gap is so many times the mean when the glint stands alone. */
const ALONE = 1.4
const standsAlone = ({ gaps, mean }: Look): boolean => gaps.at(-1)! > ALONE * mean
const glint: Rule = (look) => {
  const { steps, gaps, mean } = look
  const gap = gaps.at(-1)!
  if (!standsAlone(look)) return undefined
  const [under, top] = [steps.at(-2)!, steps.at(-1)!]
  const by = { L: (under.painted.L - top.painted.L) * (1 - mean / gap), a: 0, b: 0 }
  return {
    fault: { key: 'glint', step: top.key, under: under.key, gap, mean },
    change: { moved: { key: top.key, by } },
  }
}

const greenShade: Rule = ({ lighting, base, shades }) => {
  if (!warm(base)) return undefined
  const beyond = ({ painted }: JudgedStep): number => hueApart(hueOf(painted), hueOf(base))
  const green = shades.find((step) => chromaOf(step.painted) > 4 && beyond(step) > 22)
  return (
    green && {
      fault: { key: 'green shade', step: green.key, beyond: beyond(green) },
      change: { shadow: 'violet', turn: Math.min(1, Math.abs(lighting.turn) + 0.3) },
    }
  )
}

/** Dark skin leans red; when it leans yellow it starts to read green. */
const yellowDark: Rule = ({ base }) => {
  const hue = hueOf(base)
  if (!warm(base) || base.L >= 45 || hue <= 62) return undefined
  const moved = { key: 'base' as const, by: { L: 0, a: 2.5, b: -2.5 } }
  return { fault: { key: 'yellow dark', hue }, change: { moved } }
}

const saturatedLights: Rule = ({ lighting, base, lights }) => {
  const baseChroma = chromaOf(base)
  const strong = lights.find(({ painted }) => chromaOf(painted) > baseChroma + 4)
  if (!strong || base.L <= 58) return undefined
  const chroma = chromaOf(strong.painted)
  return {
    fault: { key: 'saturated lights', step: strong.key, chroma, baseChroma },
    change: { light: 'white', lift: Math.min(1, (lighting.lift ?? usual.lift) + 0.2) },
  }
}

const chalky: Rule = ({ lighting, base, lights }) => {
  const light = lights.find(({ painted }) => painted.L < 88)
  const baseChroma = chromaOf(base)
  if (!light || !warm(base) || chromaOf(light.painted) >= 0.55 * baseChroma) return undefined
  const chroma = chromaOf(light.painted)
  return {
    fault: { key: 'chalky', step: light.key, chroma, baseChroma },
    change: { light: 'flesh', lift: 0.7, sheen: Math.min(lighting.sheen, 0.2) },
  }
}

/** A glint that stands alone is said as that. */
const uneven: Rule = (look) => {
  const [least, greatest] = [Math.min(...look.gaps), Math.max(...look.gaps)]
  if ((greatest - least) / look.mean <= 0.35 || standsAlone(look)) return undefined
  return { fault: { key: 'uneven', least, greatest }, change: { maxDrops: MOST_USUAL_DROPS } }
}

const strandedLights: Rule = ({ lighting, base, lights }) => {
  const share = lights.reduce((sum, step) => sum + step.share, 0)
  if (base.L >= 40 || share <= 0.3) return undefined
  const change = { contrast: Math.max(0.4, lighting.contrast - 0.2) }
  return { fault: { key: 'stranded lights', share }, change }
}

/** In the order they are said. */
const rules: readonly Rule[] = [
  flat,
  glint,
  greenShade,
  yellowDark,
  saturatedLights,
  chalky,
  uneven,
  strandedLights,
]

/**
 * What a practised eye would say about a ladder, from its numbers; thresholds are common practice, no source.
 * @param steps dark to light, the base among them.
 * @example judgeLadder(judged, plainLighting)
 */
export function judgeLadder(steps: readonly JudgedStep[], lighting: Lighting): LadderJudgement[] {
  const baseAt = steps.findIndex(({ key }) => key === 'base')
  const base = steps[baseAt]?.painted
  if (!base || steps.length < 2) return []
  const gaps = steps.slice(1).map(({ painted }, i) => deltaE00(steps[i]!.painted, painted))
  const look: Look = {
    lighting,
    steps,
    base,
    shades: steps.slice(0, baseAt),
    lights: steps.slice(baseAt + 1),
    gaps,
    mean: gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length,
  }
  return rules.flatMap((rule) => rule(look) ?? [])
}
