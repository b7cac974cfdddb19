import { describe, expect, it } from 'vitest'
import { errorOf, labOf, learnPaints, predictMix, starterPaints } from '../../core'
import type { MixReading, Paint } from '../../core'
import { hiddenPaints } from '../../server/reader/hiddenPaints'
import { fallen, opaque, otherWorld, picked, plainWorld, read } from './physics'
import type { World } from './physics'
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

/** How a mix is read: error in each of L*, a* and b* as it is, and as it is told; a spectrum without. */
const readBy = { spectrum: undefined, value: 0.3, photograph: 1.2, eye: 2.5 } as const

interface Trial {
  glowing?: string
  by?: keyof typeof readBy
  readings?: number
}

/** A box that learns from readings of its own hidden bottles, and forty mixes nobody has read. */
function learns(
  seed: number,
  world: World,
  { glowing, by = 'spectrum', readings: n = 40 }: Trial = {},
) {
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
  const readings = Array.from({ length: n }, (): MixReading => {
    const parts = mix()
    const shares = parts.map(({ drops }) => fallen(drops, normal, world))
    const R = truth(parts, shares)
    const error = readBy[by]
    if (error === undefined) return { parts, reflectance: read(R, normal) }
    return {
      parts,
      lab: picked(labOf(R), normal, error),
      within: by === 'eye' ? 2.5 : errorOf(by as 'value'),
    }
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
  const untaught = (parts: MixReading['parts']): number => {
    const mixed = parts.map(({ paint, drops }) => ({
      paint: box.find(({ id }) => id === paint)!,
      drops,
    }))
    const all = parts.map(({ drops }) => drops)
    return apart(predictMix(mixed).lab, labOf(truth(parts, all)))
  }
  return {
    was: mean(Array.from({ length: 40 }, () => untaught(mix()))),
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
    const { learnt } = learns(6, plainWorld, { glowing: 'ultramarine' })
    expect(learnt.strange).toEqual(['ultramarine'])
    if (thorough) expect(learns(6, plainWorld).learnt.strange).toEqual([])
  }, 120_000)
})

/**
 * Mean ΔE00 of unseen mixes after 5, 15 and 40 readings, by how they were read, over eight boxes of another physics:
 * from a reader, as numbers, off a photograph with a grey, and by eye beside the screen. Nothing learnt: 3.0.
 */
const worth = {
  spectrum: [2.3, 1.2, 0.6],
  value: [2.5, 1.6, 0.65],
  photograph: [2.8, 1.9, 1.2],
  eye: [3, 2.4, 1.6],
} as const

const kinds = ['photograph', 'eye', 'spectrum', 'value'] as const
it.each(kinds.slice(0, many(4, 2)))(
  'readings by %s teach what they are worth, and the doubt they leave holds',
  (by) => {
    const boxes = Array.from({ length: many(8, 2) }, (_, n) => n + 1)
    for (const [at, readings] of [5, 15, 40].entries()) {
      if (at !== 1 && !thorough) continue
      const all = boxes.map((seed) => learns(seed, otherWorld, { by, readings }))
      const told = `${by}, ${readings}: ${all.map(({ off }) => off.toFixed(2)).join(' ')}`
      const over = (of: (one: (typeof all)[number]) => number): number => mean(all.map(of))
      expect(
        over(({ off }) => off),
        told,
      ).toBeLessThan(many(1, 1.2) * worth[by][at]!)
      expect(
        over(({ off }) => off),
        told,
      ).toBeLessThan(over(({ was }) => was))
      expect(
        over(({ holds }) => holds),
        told,
      ).toBeGreaterThan(0.6)
    }
  },
  600_000,
)
