import { filmReflectance, labOf, mixPaints, opaqueReflectance } from '../../core'
import type { Mixture, Spectrum } from '../../core'
import { paint } from './paintedFigures'
import type { PlannedFigure } from './paintedFigures'
import { paintAt, photographOf } from './photograph'
import type { Lamp, Photograph } from './photograph'

/** What a painter does wrong, with paint: nothing here knows how the critic looks at it. */
export const mistakes = [
  'too flat',
  'chalky',
  'too yellow',
  'shadow grey',
  'lights too large',
  'stranded lights',
  'wrong puddle',
] as const
export type Mistake = (typeof mistakes)[number]

/** Paint of a step as it went on, what was laid over it, and its share. */
export interface OnFigure {
  mixture: Mixture
  over?: { paint: Mixture; thicknessUm: number }
  share: number
}
const mixOf = (steps: PlannedFigure['steps'], i: number): Mixture => mixPaints(steps[i]!.parts)
/** Two mixes in so many parts. */
const and = (one: Mixture, parts: number, other: Mixture, others: number): Mixture =>
  mixPaints([
    { paint: one, drops: parts },
    { paint: other, drops: others },
  ])
const lightness = (mixture: Mixture): number => labOf(opaqueReflectance(mixture)).L

/** So much of a second mix that the first becomes as light as a third. */
function asLightAs(from: Mixture, adding: Mixture, wanted: Mixture): Mixture {
  const target = lightness(wanted)
  let best = from
  for (let parts = 0; parts <= 12; parts += 0.25) {
    const made = parts ? and(from, 1, adding, parts) : from
    if (Math.abs(lightness(made) - target) < Math.abs(lightness(best) - target)) best = made
  }
  return best
}

/** How large a mistake is: 1 is one that a painter would be told of. */
export function paintedWith(
  { steps }: PlannedFigure,
  mistake: Mistake | undefined,
  { size, random, stranger }: { size: number; random: () => number; stranger: PlannedFigure },
): OnFigure[] {
  const base = steps.findIndex(({ key }) => key === 'base')
  const shares = steps.map(({ share }) => share * (1 + 0.16 * (random() - 0.5)))
  const painted: OnFigure[] = steps.map((_, i) => ({ mixture: mixOf(steps, i), share: shares[i]! }))
  const baseMix = painted[base]!.mixture
  const white = paint('titanium-white')
  const black = paint('carbon-black')
  painted.forEach((step, i) => {
    if (mistake === 'too flat') step.mixture = and(step.mixture, 1, baseMix, 1.1 * size)
    if (mistake === 'too yellow')
      step.over = { paint: paint('yellow-ochre'), thicknessUm: 1.8 * size }
    if (mistake === 'chalky' && i > base)
      step.mixture = asLightAs(and(baseMix, 4, black, 0.02), white, step.mixture)
    if (mistake === 'shadow grey' && i < base)
      step.mixture = asLightAs(
        and(and(white, 1, black, 0.25), 1, step.mixture, 0.5 / size),
        i < base ? black : white,
        step.mixture,
      )
    if (mistake === 'lights too large') step.share *= i > base ? 1 + 0.9 * size : 1
  })
  if (mistake === 'stranded lights') {
    const lost = 0.92 * painted[base + 1]!.share
    painted[base + 1]!.share -= lost
    painted[base]!.share += lost / 2
    painted[base + 2]!.share += lost / 2
  }
  if (mistake === 'wrong puddle') {
    const at = random() < 0.5 ? base - 1 : base + 1
    painted[at]!.mixture = mixOf(stranger.steps, at)
  }
  const sum = painted.reduce((all, { share }) => all + share, 0)
  return painted.map((step) => ({ ...step, share: step.share / sum }))
}

/** What a step sends back. */
export function spectrumOn({ mixture, over }: OnFigure): Spectrum {
  const under = opaqueReflectance(mixture)
  return over ? filmReflectance(over.paint, { thicknessUm: over.thicknessUm, over: under }) : under
}

/** The photograph of a bust painted so. */
export function photographed(painted: readonly OnFigure[], lamp: Lamp, seed: number): Photograph {
  const steps = painted.map((step) => ({ spectrum: spectrumOn(step), share: step.share }))
  return photographOf(({ rank }) => paintAt(steps, rank), lamp, seed)
}
