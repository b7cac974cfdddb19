import {
  baseReflectance,
  formSamples,
  ladderTargets,
  seenApart,
  seenOf,
  setRowApart,
} from '../../core'
import type { FormKey, Lab, Lighting, Seen, SeenFrom, TargetOptions, Tone } from '../../core'

/** A figure that is to be told apart from others. */
export interface ApartJob {
  tone: Tone
  lighting: Lighting
  form?: FormKey
  key?: TargetOptions['key']
  moved?: TargetOptions['moved']
  sizeMm: number
  others: Seen[]
  from: SeenFrom
  /** What the painter's eye tells apart in the hand, where that is known. */
  inHand?: number
  /** As it is painted now: a mix for another tone is off in about the same way. */
  painted: Seen
  /** So many times what reads on paper is aimed at, so that it reads on the palette too. */
  surely: number
}

/** The tone that tells it apart, moved no further than needed; nothing when none does. */
export function apart({
  tone,
  lighting,
  form,
  key,
  moved,
  sizeMm,
  others,
  from,
  painted,
  inHand,
  surely,
}: ApartJob): Tone | undefined {
  const options = { form: formSamples(form), key, moved }
  const seenWith = (one: Tone): Seen => {
    const steps = ladderTargets(baseReflectance(one), lighting, options)
    return seenOf({
      steps: steps.map(({ target, share }) => ({ lab: target, share })),
      base: steps.findIndex(({ key }) => key === 'base'),
      sizeMm,
    })
  }
  const aimed = seenWith(tone)
  const shifted = (now: Lab, was: Lab, is: Lab): Lab => ({
    L: now.L + is.L - was.L,
    a: now.a + is.a - was.a,
    b: now.b + is.b - was.b,
  })
  const reads = (one: Tone): boolean => {
    const { recess, light } = seenWith(one)
    const mine: Seen = {
      recess: shifted(recess, aimed.recess, painted.recess),
      light: shifted(light, aimed.light, painted.light),
      sizeMm,
    }
    return others.every((other) => {
      const { recess, light, wanted } = seenApart(mine, other, from, inHand)
      return Math.max(recess, light) >= surely * wanted
    })
  }
  return setRowApart(tone, { sizeMm, reads })?.tone
}
