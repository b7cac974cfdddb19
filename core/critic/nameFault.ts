import { deltaE00 } from '../colour/deltaE00'
import { chromaOf } from '../colour/lch'
import { hueDirections } from '../project/critique'
import type { HueDirection, NamedFault, SkinPart } from '../project/critique'
import type { StepKey } from '../project/steps'
import type { FaultKey } from './faults'
import type { PaintedStep } from './paintedSkin'

/** CIELAB hue angles from which each is said, degrees. */
const FROM: readonly number[] = [345, 38, 68, 115, 215, 290]

/** @example towards(0, 20) // "yellow" */
export function towards(a: number, b: number): HueDirection {
  const hue = ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360
  const at = FROM.findIndex((from, i) => {
    const turned = (hue - from + 360) % 360
    const width = (FROM[(i + 1) % FROM.length]! - from + 360) % 360
    return turned < width
  })
  return hueDirections[at]!
}

interface Sides {
  lights: number
  shadows: number
}
function sharesOf(steps: readonly PaintedStep[]): Sides {
  const base = steps.findIndex(({ key }) => key === 'base')
  const sum = (list: readonly PaintedStep[]): number =>
    list.reduce((all, one) => all + one.share, 0)
  return { lights: sum(steps.slice(base + 1)), shadows: sum(steps.slice(0, base)) }
}

/** Smaller faults than these are a painter's hand and a camera's glass. */
const TOLD = { range: 0.17, sideRange: 0.25, L: 3, chroma: 0.12, cast: 2, share: 1.2 } as const

/** What a shift of colour reads as: chroma lost or won, or another hue. */
function colourFault(
  before: readonly PaintedStep[],
  after: readonly PaintedStep[],
  part: SkinPart,
  light: boolean,
): NamedFault | undefined {
  let [a, b, chroma, planned, all] = [0, 0, 0, 0, 0]
  before.forEach(({ lab, share }, i) => {
    const to = after[i]!.lab
    const moved = Math.hypot(to.a - lab.a, to.b - lab.b) + Math.abs(to.L - lab.L)
    if (moved < 1e-6) return
    a += share * (to.a - lab.a)
    b += share * (to.b - lab.b)
    chroma += share * chromaOf(to)
    planned += share * chromaOf(lab)
    all += share
  })
  if (all === 0) return undefined
  const by = Math.hypot(a, b) / all
  if (by < TOLD.cast) return undefined
  const lost = (planned - chroma) / all
  const times = planned > 0 ? chroma / planned : 1
  if (lost > (part === 'all' ? 0.8 : 0.5) * by && times < 1 - TOLD.chroma)
    return { key: light ? 'chalky' : 'grey', part, times }
  if (light && -lost > 0.75 * by && times > 1 + TOLD.chroma) return { key: 'strong', part, times }
  return { key: 'tinted', part, toward: towards(a, b), by }
}

/** A step that lies further off than this was not mixed a little wrong but is another mix, ΔE00; an end further. */
const ANOTHER = { inside: 6, end: 9 }
/** Less of a single step is not told from a photograph, ΔE00. */
const ONE_STEP = 4

function stepFault(
  before: readonly PaintedStep[],
  after: readonly PaintedStep[],
  step: StepKey,
  light: boolean,
): NamedFault | undefined {
  const i = before.findIndex(({ key }) => key === step)
  const off = deltaE00(before[i]!.lab, after[i]!.lab)
  const inside = i > 0 && i < before.length - 1
  const fault = colourFault(before, after, step, light)
  if (off > ANOTHER[inside ? 'inside' : 'end'] && (inside || fault?.key !== 'chalky'))
    return { key: 'wrong colour', part: step }
  return off > ONE_STEP ? fault : undefined
}

/**
 * What a difference between two skins is called; nothing when it is too small to be told from a painter's hand.
 * @param after the same steps with the difference.
 */
export function nameFault(
  { key, step, by }: { key: FaultKey; step?: StepKey; by: readonly number[] },
  before: readonly PaintedStep[],
  after: readonly PaintedStep[],
): NamedFault | undefined {
  const part: SkinPart =
    step ?? (key.startsWith('lights') ? 'lights' : key.startsWith('shadows') ? 'shadows' : 'all')
  const base = before.findIndex(({ key }) => key === 'base')
  const light = part === 'lights' || before.findIndex(({ key }) => key === part) > base
  switch (key) {
    case 'range':
    case 'lights range':
    case 'shadows range': {
      const times = by[0]!
      if (Math.abs(times - 1) < (part === 'all' ? TOLD.range : TOLD.sideRange)) return undefined
      return { key: times < 1 ? 'flat' : 'hard', part, times }
    }
    case 'lightness':
      if (Math.abs(by[0]!) < TOLD.L) return undefined
      return { key: by[0]! < 0 ? 'too dark' : 'too light', part, L: by[0]! }
    case 'lights share':
    case 'shadows share': {
      const [planned, share] = [sharesOf(before), sharesOf(after)]
      const more = share.lights > planned.lights
      const mine = key === 'lights share' ? 'lights' : 'shadows'
      const times = Math.max(share[mine] / planned[mine], planned[mine] / share[mine])
      if (times < TOLD.share) return undefined
      return {
        key: more ? 'lights large' : 'lights small',
        part: 'lights',
        share: share.lights,
        planned: planned.lights,
      }
    }
    case 'lights stranded':
    case 'shadows hard': {
      if (by[0]! < 0.3) return undefined
      const side = key === 'lights stranded' ? 1 : -1
      return {
        key: side > 0 ? 'stranded' : 'hard edge',
        part: side > 0 ? 'lights' : 'shadows',
        step: before[base + side]!.key,
      }
    }
    case 'wrong colour':
      return stepFault(before, after, step!, light)
    default:
      return colourFault(before, after, part, light)
  }
}
