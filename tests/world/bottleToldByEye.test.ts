import { describe, expect, it } from 'vitest'
import {
  estimatePaint,
  labOf,
  mixPaints,
  opaqueReflectance,
  predictMix,
  starterPaints,
  tintPictures,
} from '../../core'
import type { Lab, TintStep } from '../../core'
import { opaque, picked, plainWorld } from './physics'
import { apart, chance, mean, unseenMixes, white, wordFor } from './trial'
import type { Unseen } from './trial'
import { many } from '../thorough'

/** A surface that scatters 2.8 % of white over everything, as matt paint does. */
const mattWorld = { ...plainWorld, glare: 0.028 }

interface Told {
  /** Its paint dries matt, and that is told, or is not. */
  matt?: 'told' | 'untold'
  label?: boolean
  tint?: 'by eye' | 'picked'
}

/** How far unseen mixes are off when a bottle is told by its colour as it is picked, its word, and more. */
function trial(
  seed: number,
  { label, tint, matt }: Told,
  mixes = many(200, 60),
): { unseen: Unseen; off: number }[] {
  const { random, normal } = chance(seed + 100)
  return unseenMixes(mixes, seed).map((unseen) => {
    const { bottle, other, drops, lab } = unseen
    const world = matt ? mattWorld : plainWorld
    const colour = picked(labOf(opaque([{ bottle, share: 1 }], world)), normal)
    const word = wordFor(bottle, random)
    const about = label ? { pigments: bottle.pigments } : {}
    const tinted = labOf(
      opaque(
        [
          { bottle, share: 1 },
          { bottle: white, share: 9 },
        ],
        world,
      ),
    )
    const seen = picked(tinted, normal, 0.6)
    const more =
      tint === 'picked'
        ? { tint: seen }
        : tint === 'by eye'
          ? { tint: nearest(tintPictures(estimatePaint(colour, word, about)), seen) }
          : {}
    const finish = matt === 'told' ? 'matt' : 'gloss'
    const paint = estimatePaint(colour, word, about, { ...more, finish })
    const parts = [paint, other, white].map((one, i) => ({ paint: one, drops: drops[i]! }))
    return { unseen, off: apart(predictMix(parts.filter((part) => part.drops > 0)).lab, lab) }
  })
}
const nearest = (pictures: readonly Lab[], seen: Lab): TintStep =>
  pictures.reduce<number>(
    (best, lab, i) => (apart(lab, seen) < apart(pictures[best]!, seen) ? i : best),
    0,
  ) as TintStep
const offs = (list: ReturnType<typeof trial>): number => mean(list.map(({ off }) => off))

describe('a bottle told by eye, on unseen mixes of single and blended bottles', () => {
  it('by its colour and a word within 4.0 on average, with the label within 3.4', () => {
    const plain = trial(1, {}, many(200, 120))
    const named = trial(1, { label: true }, many(200, 120))
    expect(offs(plain)).toBeLessThan(4)
    expect(offs(named)).toBeLessThan(3.4)
    expect(offs(named)).toBeLessThan(offs(plain))
    // A label that names one starter is never worse on average than leaving that starter.
    const singles = named.filter(({ unseen }) => unseen.single)
    const starters = singles.map(({ unseen }) => {
      const starter = starterPaints.find(({ id }) => id === unseen.bottle.like[0])!
      const parts = [starter, unseen.other, white].map((paint, i) => ({
        paint,
        drops: unseen.drops[i]!,
      }))
      return apart(labOf(opaqueReflectance(mixPaints(parts))), unseen.lab)
    })
    expect(offs(singles)).toBeLessThan(mean(starters))
  }, 60_000)

  it('with a tint by eye on five steps within 2.6, with one that was picked nearer still', () => {
    const byEye = trial(1, { label: true, tint: 'by eye' }, many(200, 40))
    const unnamed = trial(1, { tint: 'by eye' }, many(80, 30))
    const pickedToo = trial(1, { label: true, tint: 'picked' }, many(80, 30))
    expect(offs(byEye)).toBeLessThan(2.6)
    expect(offs(unnamed)).toBeLessThan(2.6)
    expect(offs(pickedToo)).toBeLessThan(offs(byEye))
  }, 60_000)

  it('dried matt and told so it is nearer than taken for gloss, by colour and label within 4.0', () => {
    const [told, untold] = (['told', 'untold'] as const).map((matt) =>
      trial(1, { label: true, matt }),
    )
    expect(offs(told!)).toBeLessThan(4)
    expect(offs(told!)).toBeLessThan(0.85 * offs(untold!))
  }, 60_000)

  it('pigments that nobody has heard of make it doubtful, not wrong', () => {
    const told = { L: 50, a: 30, b: 10 }
    const plain = estimatePaint(told, 'semi-opaque')
    const strange = estimatePaint(told, 'semi-opaque', { pigments: ['PX99'] })
    const within = (paint: typeof plain): number =>
      predictMix([
        { paint, drops: 1 },
        { paint: white, drops: 4 },
      ]).within
    expect(within(strange)).toBeGreaterThan(within(plain))
    expect(apart(labOf(opaqueReflectance(strange)), told)).toBeLessThan(2)
  })
})
