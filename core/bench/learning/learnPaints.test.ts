import { describe, expect, it } from 'vitest'
import { hiddenPaints } from '../../../server/reader/hiddenPaints'
import { Instrument } from '../../../server/reader/instrument'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { starterPaints } from '../../paint/starter'
import { learnPaints } from './learnPaints'
import type { MixReading } from './reading'
import { seeded } from '../../numbers/seeded'

const ids = [
  'titanium-white',
  'yellow-ochre',
  'red-iron-oxide',
  'burnt-umber',
  'ultramarine',
  'quinacridone-magenta',
]
const box = starterPaints.filter(({ id }) => ids.includes(id))

function logged(seed: number, noise: number) {
  const random = seeded(seed)
  const reader = new Instrument(hiddenPaints(seed), seed, () => 0, noise)
  const mix = (): MixReading['parts'] => {
    const left = [...ids]
    return Array.from({ length: 2 + Math.floor(2 * random()) }, () => ({
      paint: left.splice(Math.floor(random() * left.length), 1)[0]!,
      drops: 1 + Math.floor(7 * random()),
    }))
  }
  const readings = Array.from({ length: 30 }, (): MixReading => {
    reader.calibrate()
    const parts = mix()
    return { parts, reflectance: reader.measure({ kind: 'mix', parts: [...parts] }) }
  })
  const held = Array.from({ length: 25 }, mix)
  const off = (paints: readonly Paint[]): number =>
    held.reduce((sum, parts) => {
      const real = reader.truth({ kind: 'mix', parts: [...parts] })
      const mixed = mixPaints(
        parts.map(({ paint, drops }) => ({ paint: paints.find(({ id }) => id === paint)!, drops })),
      )
      return sum + deltaE00(labOf(real), labOf(opaqueReflectance(mixed))) / held.length
    }, 0)
  const learnt = (many: number): number => {
    const { paints } = learnPaints(readings.slice(0, many), box)
    return off(box.map((paint) => paints.find((one) => one.paint.id === paint.id)?.paint ?? paint))
  }
  return { readings, off, learnt }
}

describe('the box learns, with the simulated reader as truth', () => {
  it('held-out mixes are off by half as much after twelve readings, by 70% less after thirty; twice the noise does no harm', () => {
    for (const seed of [1]) {
      const { off, learnt } = logged(seed, 1)
      const before = off(box)
      expect(before).toBeGreaterThan(1)
      expect(learnt(12), `seed ${seed}`).toBeLessThan(0.5 * before)
      expect(learnt(30), `seed ${seed}`).toBeLessThan(0.3 * before)
      const noisy = logged(seed, 2)
      expect(noisy.learnt(12)).toBeLessThan(before)
    }
  }, 60_000)

  it('says what it would gain on readings held out, moves little after one, and surer is narrower', () => {
    const { readings } = logged(4, 1)
    const ten = learnPaints(readings.slice(0, 10), box)
    expect(ten.better).toBe(true)
    expect(ten.after).toBeLessThan(ten.before)
    expect(learnPaints(readings.slice(0, 10), box)).toEqual(ten)
    const one = learnPaints(readings.slice(0, 1), box)
    expect(one.better).toBe(false)
    const widest = (paint: Paint): number => Math.hypot(...(paint.spread ?? []))
    for (const { paint } of ten.paints)
      expect(widest(paint)).toBeLessThan(
        1.0001 * Math.hypot(0.35, 0.35, 0.2, 0.1, 0.1, 0.08, 0.06, 0.05, 0.1),
      )
    expect(() => learnPaints([], box)).toThrow('no reading')
    expect(() =>
      learnPaints(
        [{ parts: [{ paint: 'gold', drops: 1 }], lab: { L: 50, a: 0, b: 0 }, within: 1 }],
        box,
      ),
    ).toThrow('"gold"')
  })
})
