import { deltaE00 } from '../colour/deltaE00'
import type { Lab } from '../colour/lab'
import { chromaOf, hueOf } from '../colour/lch'
import { distances, overstatement } from './light/overstatement'
import { usual } from './mood'
import type { Mood } from './mood'
import type { StepKey } from './steps'

/** A step as it will look. */
export interface JudgedStep {
  key: StepKey
  name: string
  painted: Lab
  share: number
}

/** A change of the plan; a moved target adds to what it was moved already. */
export interface Mend extends Partial<Omit<Mood, 'shadowTint' | 'lightTint'>> {
  maxDrops?: number
  moved?: { key: StepKey; by: { L: number; a: number; b: number } }
}

export interface LadderJudgement {
  key: string
  /** What is wrong, with its number. */
  words: string
  /** The change that mends it, in words and as data. */
  mend: { words: string; change: Mend }
}

/** Range of lightness that a 54 mm figure needs on the table to be read (from memory). */
const READ_L = 38
const between = (value: number, least: number, most: number): boolean =>
  value >= least && value <= most
const hueApart = (one: number, other: number): number => ((one - other + 540) % 360) - 180
/** Hues of living skin: from pink to yellow-brown. */
const warm = (base: Lab): boolean => between(hueOf(base), 15, 85) && chromaOf(base) > 6

/**
 * What a practised eye would say about a ladder, from its numbers; thresholds are common practice, no
 * source. Steps dark to light, the base among them.
 */
export function judgeLadder(steps: readonly JudgedStep[], mood: Mood): LadderJudgement[] {
  const baseAt = steps.findIndex(({ key }) => key === 'base')
  const base = steps[baseAt]?.painted
  if (!base || steps.length < 2) return []
  const found: LadderJudgement[] = []
  const say = (key: string, words: string, mendWords: string, change: Mend): void => {
    found.push({ key, words, mend: { words: mendWords, change } })
  }
  const gaps = steps.slice(1).map(({ painted }, i) => deltaE00(steps[i]!.painted, painted))
  const mean = gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length
  const first = steps[0]!.painted
  const top = steps.at(-1)!
  const seen = mood.seenFrom ?? usual.seenFrom
  const wanted = READ_L * overstatement(mood.sizeMm ?? usual.sizeMm, seen)
  const range = top.painted.L - first.L
  if (range < wanted && mood.contrast < 1.6)
    say(
      'flat',
      `Too flat ${distances[seen].name}: ${range.toFixed(0)} of lightness from dark to light, ${wanted.toFixed(0)} would read.`,
      'more contrast',
      { contrast: Math.min(1.6, Math.round(mood.contrast * (wanted / range) * 50 + 0.5) / 50) },
    )
  const lastGap = gaps.at(-1)!
  if (lastGap > 1.4 * mean)
    say(
      'glint',
      `The gap from ${steps.at(-2)!.name} to ${top.name} is ${lastGap.toFixed(1)}, the others are ${mean.toFixed(1)}: the glint stands alone.`,
      'bring it nearer',
      {
        moved: {
          key: top.key,
          by: { L: (steps.at(-2)!.painted.L - top.painted.L) * (1 - mean / lastGap), a: 0, b: 0 },
        },
      },
    )
  if (warm(base)) {
    const green = steps
      .slice(0, baseAt)
      .find(({ painted }) => chromaOf(painted) > 4 && hueApart(hueOf(painted), hueOf(base)) > 22)
    if (green)
      say(
        'green shade',
        `${green.name} drifts to green: its hue lies ${hueApart(hueOf(green.painted), hueOf(base)).toFixed(0)}° beyond the base.`,
        'turn shadows to violet',
        { shadow: 'violet', turn: Math.min(1, Math.abs(mood.turn) + 0.3) },
      )
    // Dark skin leans red; when it leans yellow it starts to read green.
    if (base.L < 45 && hueOf(base) > 62)
      say(
        'yellow dark',
        `Dark skin that leans yellow reads green: the base has a hue of ${hueOf(base).toFixed(0)}°.`,
        'a redder base',
        { moved: { key: 'base', by: { L: 0, a: 2.5, b: -2.5 } } },
      )
  }
  const lights = steps.slice(baseAt + 1)
  const strong = lights.find(({ painted }) => chromaOf(painted) > chromaOf(base) + 4)
  if (strong && base.L > 58)
    say(
      'saturated lights',
      `${strong.name} is more saturated (${chromaOf(strong.painted).toFixed(0)}) than this pale base (${chromaOf(base).toFixed(0)}).`,
      'lights toward white',
      { light: 'white', lift: Math.min(1, (mood.lift ?? usual.lift) + 0.2) },
    )
  const light = lights.find(({ painted }) => painted.L < 88)
  const chalky =
    light && warm(base) && chromaOf(light.painted) < 0.55 * chromaOf(base) ? light : undefined
  if (chalky)
    say(
      'chalky',
      `${chalky.name} is chalky: ${chromaOf(chalky.painted).toFixed(0)} of chroma is left of ${chromaOf(base).toFixed(0)}.`,
      'lights from pale flesh, less sheen',
      { light: 'flesh', lift: 0.7, sheen: Math.min(mood.sheen, 0.2) },
    )
  const spread = (Math.max(...gaps) - Math.min(...gaps)) / mean
  if (spread > 0.35 && !found.some(({ key }) => key === 'glint'))
    say(
      'uneven',
      `Steps are uneven: gaps from ${Math.min(...gaps).toFixed(1)} to ${Math.max(...gaps).toFixed(1)}.`,
      'allow more drops',
      { maxDrops: 24 },
    )
  const lightShare = lights.reduce((sum, step) => sum + step.share, 0)
  if (base.L < 40 && lightShare > 0.3)
    say(
      'stranded lights',
      `Lights take ${(100 * lightShare).toFixed(0)}% of dark skin and make a paler person of it.`,
      'less contrast',
      { contrast: Math.max(0.4, mood.contrast - 0.2) },
    )
  return found
}
