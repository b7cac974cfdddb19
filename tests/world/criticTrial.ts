import type { NamedFault } from '../../core/project/critique'
import { hueDirections } from '../../core/project/critique'
import { deltaE00, labOf, mixPaints, opaqueReflectance, seeded } from '../../core'
import type { Illuminant, Lab } from '../../core'
import { critique } from '../../core/critic/critique'
import type { Critique, PlannedSkin } from '../../core/critic/critique'
import { towards } from '../../core/critic/nameFault'
import { readPaintedSkin } from '../../core/critic/skinReading'
import { paintedWith, photographed, spectrumOn } from './faultyPainting'
import type { Mistake, OnFigure } from './faultyPainting'
import { plannedFigures } from './paintedFigures'
import type { PlannedFigure } from './paintedFigures'
import type { Lamp, Photograph } from './photograph'

/** One photograph of a figure with at most one mistake, and what the critic says of it. */
export interface Trial {
  figure: PlannedFigure
  mistake: Mistake | undefined
  plan: PlannedSkin[]
  painted: OnFigure[]
  lamp: Lamp
  photograph: Photograph
  found: Critique
}

export const planOf = ({ steps }: PlannedFigure): PlannedSkin[] =>
  steps.map(({ key, parts, share }) => ({
    key,
    share,
    reflectance: opaqueReflectance(mixPaints(parts)),
  }))

/** Reads a photograph by its grey card and asks the critic. */
export const judged = (
  plan: readonly PlannedSkin[],
  { picture, mask, card }: Photograph,
): Critique => critique(plan, readPaintedSkin(picture, { mask, neutral: { ...card, is: 'card' } }))

const lights: readonly Illuminant[] = ['A', 'D50', 'D65']
const colours = (steps: readonly OnFigure[]): Lab[] => steps.map((step) => labOf(spectrumOn(step)))
const sideOf = ({ steps }: PlannedFigure, side: 'lights' | 'shadows'): number[] => {
  const base = steps.findIndex(({ key }) => key === 'base')
  return steps.flatMap((_, i) => ((side === 'lights' ? i > base : i < base) ? [i] : []))
}

/** Whether a mistake shows at all: white added to lights that are mixed of white anyway is none. */
function shows({
  figure,
  mistake,
  painted,
  plan,
}: Omit<Trial, 'photograph' | 'found' | 'lamp'>): boolean {
  if (!mistake) return true
  const [made, meant] = [colours(painted), plan.map(({ reflectance }) => labOf(reflectance))]
  const off = (which: readonly number[]): number =>
    which.reduce((sum, i) => sum + deltaE00(made[i]!, meant[i]!), 0) / which.length
  const [light, dark] = [sideOf(figure, 'lights'), sideOf(figure, 'shadows')]
  const share = (which: readonly number[]): number =>
    which.reduce((sum, i) => sum + figure.steps[i]!.share, 0)
  if (mistake === 'lights too large') return share(light) > 0.12
  if (mistake === 'stranded lights') return share([light[0]!]) > 0.08
  if (mistake === 'chalky') {
    const chroma = (labs: readonly Lab[]): number =>
      light.reduce((sum, i) => sum + Math.hypot(labs[i]!.a, labs[i]!.b), 0)
    if (chroma(made) > 0.8 * chroma(meant)) return false
  }
  if (mistake === 'wrong puddle')
    return Math.max(...made.map((lab, i) => deltaE00(lab, meant[i]!))) > 9
  return (
    off(mistake === 'chalky' ? light : mistake === 'shadow grey' ? dark : [...light, ...dark]) > 4
  )
}

/** The next photograph of a series that repeats; figures, sizes, lamps and noise by chance. */
export function trial(mistake: Mistake | undefined, random: () => number): Trial {
  const figures = plannedFigures()
  const any = (): PlannedFigure => figures[Math.floor(random() * figures.length)]!
  for (;;) {
    const figure = any()
    const plan = planOf(figure)
    const painted = paintedWith(figure, mistake, {
      size: 0.8 + 0.4 * random(),
      random,
      stranger: any(),
    })
    if (!shows({ figure, mistake, plan, painted })) continue
    const light = lights[Math.floor(random() * lights.length)]!
    const lamp: Lamp = {
      light,
      tube: 0.08 * random(),
      // Under lamplight a camera set to daylight burns out in red before it does in green.
      exposure: (0.75 + 0.3 * random()) * (light === 'A' ? 0.55 : 1),
      noise: 1 + 4 * random(),
    }
    const photograph = photographed(painted, lamp, Math.floor(1e6 * random()))
    return { figure, mistake, plan, painted, lamp, photograph, found: judged(plan, photograph) }
  }
}

/** Whether what is said is the mistake that was made. */
export function isThat(
  { mistake, painted, plan, figure }: Trial,
  said: NamedFault | undefined,
): boolean {
  if (!mistake || !said) return !mistake && !said
  const made = colours(painted)
  const meant = plan.map(({ reflectance }) => labOf(reflectance))
  const part = (side: 'lights' | 'shadows'): boolean =>
    said.part === side || sideOf(figure, side).some((i) => figure.steps[i]!.key === said.part)
  switch (mistake) {
    case 'too flat':
      return said.key === 'flat'
    case 'chalky':
      return said.key === 'chalky' && part('lights')
    case 'shadow grey':
      return said.key === 'grey' && part('shadows')
    case 'lights too large':
      return said.key === 'lights large'
    case 'stranded lights':
      return said.key === 'stranded'
    case 'too yellow': {
      const mean = (axis: 'a' | 'b'): number =>
        made.reduce((sum, lab, i) => sum + lab[axis] - meant[i]![axis], 0)
      // Two hueDirections that touch may be meant by one hue.
      const at = hueDirections.indexOf(towards(mean('a'), mean('b')))
      return (
        said.key === 'tinted' &&
        said.part === 'all' &&
        [0, 1, 5].includes((hueDirections.indexOf(said.toward) - at + 6) % 6)
      )
    }
    case 'wrong puddle': {
      const off = made.map((lab, i) => deltaE00(lab, meant[i]!))
      return (
        said.key === 'wrong colour' &&
        said.part === figure.steps[off.indexOf(Math.max(...off))]!.key
      )
    }
  }
}

/** So many photographs, the mistakes in turn. */
export function trials(list: readonly (Mistake | undefined)[], seed: number): Trial[] {
  const random = seeded(seed)
  return list.map((mistake) => trial(mistake, random))
}
