import type { Lab } from '../../colour/lab'

/**
 * Ways in which a well may differ from its aim, as steps in L*, a*, b* and share of chroma. A dab lies about so far from
 * the aim that an eye which errs by 2 tells it from the aim and from its neighbours.
 */
const steps = {
  darker: { L: -4 },
  lighter: { L: 4 },
  redder: { a: 4 },
  greener: { a: -4 },
  yellower: { b: 4.5 },
  bluer: { b: -4.5 },
  greyer: { chroma: 0.7 },
} as const
/** The seven dabs that are shown around an aim. */
export type DabKey = keyof typeof steps
export const dabKeys = Object.keys(steps) as DabKey[]
/** What was seen: one of the dabs, or the aim itself. */
export type Looked = DabKey | 'right'

/** Of a colour with less chroma than this a greyer one is not told apart. */
const LEAST_CHROMA = 6

/**
 * A dab beside an aim, as it is shown; nothing where it would be no other colour.
 * @example dabOf({ L: 60, a: 10, b: 15 }, 'darker')?.L // 56
 */
export function dabOf(aim: Lab, key: DabKey): Lab | undefined {
  const step: { L?: number; a?: number; b?: number; chroma?: number } = steps[key]
  if (step.chroma !== undefined && Math.hypot(aim.a, aim.b) < LEAST_CHROMA) return undefined
  const share = step.chroma ?? 1
  const L = aim.L + (step.L ?? 0)
  if (L < 2 || L > 98) return undefined
  return { L, a: aim.a * share + (step.a ?? 0), b: aim.b * share + (step.b ?? 0), white: aim.white }
}
