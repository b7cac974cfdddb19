import { differenceCiede2000 } from 'culori'
import { expect, it, vi } from 'vitest'
import { labOf } from '../colour/lab'
import { mixPaints } from '../paint/mix'
import { opaqueReflectance } from '../paint/opaque'
import { starterPaints } from '../paint/starter'
import { seeded } from '../numbers/seeded'
import { SetMixer } from './setMixer'

const LIMITS = { maxPaints: 5, maxDrops: 7 }
/** One to five paints, in any order. */
const SETS = [[38], [0, 11], [30, 4], [2, 5, 17], [9, 8, 7, 1], [0, 2, 11, 17, 35]]

/** CIEDE2000 by code that is not ours. */
const theirs = differenceCiede2000()
const lab = ([l, a, b]: readonly number[]) => ({ mode: 'lab65' as const, l: l!, a: a!, b: b! })

/** Colours of a set are those of the plain model, ratio by ratio. */
function near(Mixer: typeof SetMixer): void {
  const mixer = new Mixer(starterPaints, LIMITS)
  for (const set of SETS) {
    const ratios = mixer.ratios[set.length - 1]!
    expect(mixer.mix(set)).toBe(ratios.length)
    ratios.forEach((drops, i) => {
      const parts = drops.map((of, k) => ({ paint: starterPaints[set[k]!]!, drops: of }))
      const { L, a, b } = labOf(opaqueReflectance(mixPaints(parts)))
      ;[L, a, b].forEach((value, axis) =>
        expect(mixer.planes[axis]![i], `${set.join()} at ${drops.join()}`).toBeCloseTo(value, 2),
      )
    })
  }
}

/** Targets all round, grey and blue ones too: the least difference of the mixes from each. */
function meets(Mixer: typeof SetMixer): void {
  const random = seeded(6)
  const targets = Array.from({ length: 200 }, (_, n) => {
    const span = n % 4 === 0 ? 4 : 180
    return { L: 100 * random(), a: span * (random() - 0.5), b: span * (random() - 0.5) }
  })
  const mixer = new Mixer(starterPaints, LIMITS, { targets })
  for (const set of SETS) {
    const many = mixer.mix(set)
    const off = new Float32Array(targets.length + 1).fill(90)
    mixer.meet(off, 1)
    expect(off[0]).toBe(90)
    const mixes = Array.from({ length: many }, (_, i) => lab(mixer.planes.map((one) => one[i]!)))
    targets.forEach(({ L, a, b }, t) => {
      const least = Math.min(90, ...mixes.map((mix) => theirs(mix, lab([L, a, b]))))
      // Of hues right opposite each other the mean hangs on the last digit (0.0048 off once); else 0.0005 holds.
      expect(off[t + 1], `target ${t}`).toBeCloseTo(least, 2)
    })
  }
}

it('mixes as the plain model does, in single precision', () => {
  near(SetMixer)
  meets(SetMixer)
  expect(new SetMixer(starterPaints, { maxPaints: 3, maxDrops: 2 }).mix([0, 1, 2])).toBe(0)
})

it('without WebAssembly it mixes all the same', async () => {
  vi.resetModules()
  vi.stubGlobal('WebAssembly', undefined)
  const { SetMixer: Plain } = await import('./setMixer')
  near(Plain)
  meets(Plain)
  vi.unstubAllGlobals()
})
