import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import type { LightPlace, ReliefPlace } from '../../project/place'
import type { Stack } from '../stack'
import { stackLayers } from '../stack'

/** What a figure is to look like in the end where it is in shadow, in the middle and lit. */
export interface EndAims {
  shadow: Lab
  middle: Lab
  light: Lab
}
export type EndPlace = keyof EndAims
export const endPlaces: readonly EndPlace[] = ['shadow', 'middle', 'light']

/** Where each is looked at: shadow lies in recesses, lights on what stands out; common practice, no source. */
export const endSpots: Readonly<Record<EndPlace, { light: LightPlace; relief: ReliefPlace }>> = {
  shadow: { light: 'shadow', relief: 'recess' },
  middle: { light: 'middle', relief: 'flat' },
  light: { light: 'light', relief: 'ridge' },
}

const mean = (labs: readonly { lab: Lab; share: number }[]): Lab => {
  const all = labs.reduce((sum, { share }) => sum + share, 0)
  const of = (axis: 'L' | 'a' | 'b'): number =>
    labs.reduce((sum, { lab, share }) => sum + (lab[axis] * share) / all, 0)
  return { L: of('L'), a: of('a'), b: of('b') }
}

/**
 * What a ladder aims at where a figure is in shadow, in the middle and lit: the mean of the steps there by their shares;
 * the deepest step and the glint, which few coats are laid for, are left out where there are others.
 * @param steps dark to light.
 * @example endAims([{ key: 'shade', target: flesh, share: 1 }, { key: 'base', target: flesh, share: 1 }, { key: 'light', target: flesh, share: 1 }]).middle.L // 65
 */
export function endAims(steps: readonly { key: string; target: Lab; share: number }[]): EndAims {
  const base = steps.findIndex(({ key }) => key === 'base')
  const part = (from: number, to: number): Lab =>
    mean(steps.slice(from, to).map(({ target, share }) => ({ lab: target, share })))
  const below = base > 1 ? 1 : 0
  const above = steps.length - 1 - base > 1 ? 1 : 0
  return {
    shadow: base > 0 ? part(below, base) : steps[base]!.target,
    middle: steps[base]!.target,
    light: base + 1 < steps.length ? part(base + 1, steps.length - above) : steps[base]!.target,
  }
}

/**
 * Where a stack ends in shadow, in the middle and lit.
 * @example endOf({ under: { kind: 'flat', reflectance: base }, coats: [] }).middle.L > 0 // true
 */
export function endOf(stack: Stack): EndAims {
  const at = (place: EndPlace): Lab => {
    const { light, relief } = endSpots[place]
    return labOf(stackLayers(stack, { light })[relief].at(-1)!)
  }
  return { shadow: at('shadow'), middle: at('middle'), light: at('light') }
}

/**
 * How far ends are from what they should be, each and on average, ΔE00.
 * @example offBy(endAims([{ key: 'base', target: flesh, share: 1 }]), endAims([{ key: 'base', target: flesh, share: 1 }])).mean // 0
 */
export function offBy(ends: EndAims, aims: EndAims): Record<EndPlace | 'mean', number> {
  const [shadow, middle, light] = endPlaces.map((place) => deltaE00(ends[place], aims[place])) as [
    number,
    number,
    number,
  ]
  return { shadow, middle, light, mean: (shadow + middle + light) / 3 }
}
