import { describe, expect, it } from 'vitest'
import { learnPaints, predictMix, starterPaints } from '../../core'
import type { MixReading, Paint } from '../../core'
import { hiddenPaints } from '../../server/reader/hiddenPaints'
import { fallen, opaque, otherWorld, plainWorld, read } from './physics'
import type { World } from './physics'
import { labOf } from '../../core'
import { apart, chance, mean, share } from './trial'
import { many, thorough } from '../thorough'

const ids = [
  'titanium-white',
  'yellow-ochre',
  'red-iron-oxide',
  'burnt-umber',
  'ultramarine',
  'quinacridone-magenta',
  'carbon-black',
  'phthalo-green',
]
const box = starterPaints.filter(({ id }) => ids.includes(id))

/** A box that learns from readings of its own hidden bottles, and forty mixes nobody has read. */
function learns(seed: number, world: World, glowing?: string) {
  const { random, normal } = chance(31 * seed + 5)
  const hidden = hiddenPaints(seed + 200)
  const mix = (): { paint: string; drops: number }[] => {
    const left = [...ids]
    return Array.from({ length: 2 + Math.floor(2 * random()) }, () => ({
      paint: left.splice(Math.floor(random() * left.length), 1)[0]!,
      drops: 1 + Math.floor(7 * random()),
    }))
  }
  const truth = (parts: MixReading['parts'], shares: readonly number[]): Float64Array => {
    const glow = parts.some(({ paint }) => paint === glowing) ? 0.15 : 0
    return opaque(
      parts.map(({ paint }, i) => ({ bottle: hidden.get(paint)!, share: shares[i]! })),
      { ...world, glow },
    )
  }
  const readings = Array.from({ length: 40 }, (): MixReading => {
    const parts = mix()
    const shares = parts.map(({ drops }) => fallen(drops, normal, world))
    return { parts, reflectance: read(truth(parts, shares), normal) }
  })
  const learnt = learnPaints(readings, box)
  const paints = new Map<string, Paint>(box.map((paint) => [paint.id, paint]))
  for (const { paint } of learnt.paints) paints.set(paint.id, paint)
  const held = Array.from({ length: 40 }, () => {
    const parts = mix()
    const { lab, within } = predictMix(
      parts.map(({ paint, drops }) => ({ paint: paints.get(paint)!, drops })),
    )
    const real = labOf(
      truth(
        parts,
        parts.map(({ drops }) => drops),
      ),
    )
    return { off: apart(lab, real), within }
  })
  return {
    learnt,
    off: mean(held.map(({ off }) => off)),
    within: mean(held.map(({ within }) => within)),
    holds: share(held.map(({ off, within }) => off <= within)),
  }
}

/** Of four boxes, two in `npm test`: of one, what holds is chance. */
const seeds = [1, 2, 3, 4].slice(0, many(4, 2))

describe('a box learns from forty readings', () => {
  const summed = (world: World) => {
    const all = seeds.map((seed) => learns(seed, world))
    const over = (of: (one: (typeof all)[number]) => number): number => mean(all.map(of))
    return { all, over }
  }

  it('unseen mixes within 0.6, with a band that is as narrow and holds, and says truly how well', () => {
    const { all, over } = summed(plainWorld)
    for (const { off, within } of all) {
      expect(off).toBeLessThan(0.6)
      expect(within).toBeLessThan(0.7)
    }
    expect(over(({ holds }) => holds)).toBeGreaterThan(0.5)
    expect(over(({ holds }) => holds)).toBeLessThan(0.97)
    expect(over(({ learnt, off }) => Math.abs(learnt.after - off))).toBeLessThan(0.4)
    for (const { learnt } of all) expect(learnt.after).toBeLessThan(0.3 * learnt.before)
  }, 120_000)

  it('under other surfaces, a power of K and S and drops that differ by a fifth: within 1.2', () => {
    const { all, over } = summed(otherWorld)
    for (const { off, within } of all) {
      expect(off).toBeLessThan(1.2)
      expect(within).toBeLessThan(1.1)
    }
    expect(over(({ holds }) => holds)).toBeGreaterThan(0.55)
    expect(over(({ holds }) => holds)).toBeLessThan(0.9)
    expect(over(({ learnt, off }) => Math.abs(learnt.after - off))).toBeLessThan(0.4)
  }, 120_000)

  it('names the bottle that does not fit: one that glows', () => {
    const { learnt } = learns(6, plainWorld, 'ultramarine')
    expect(learnt.strange).toEqual(['ultramarine'])
    if (thorough) expect(learns(6, plainWorld).learnt.strange).toEqual([])
  }, 120_000)
})
