import { differenceCiede2000 } from 'culori'
import { expect, it, vi } from 'vitest'
import { labOf } from '../colour/lab'
import { mixPaints } from '../paint/mix'
import { opaqueReflectance } from '../paint/opaque'
import { starterPaints } from '../paint/starter'
import { seeded } from '../numbers/seeded'
import { BATCH, MixBatch } from './mixBatch'

/** One, two and three paints in whole drops; what is empty has none. */
function mixes(count: number) {
  const random = seeded(3)
  const upTo = (n: number): number => Math.floor(n * random())
  return Array.from({ length: count }, (_, n) => ({
    paints: [upTo(39), upTo(39), upTo(39)],
    drops: [1 + upTo(9), n % 3 > 0 ? 1 + upTo(9) : 0, n % 3 > 1 ? 1 + upTo(9) : 0],
  }))
}
/** CIEDE2000 by code that is not ours. */
const theirs = differenceCiede2000()
const lab = ([l, a, b]: readonly number[]) => ({ mode: 'lab65' as const, l: l!, a: a!, b: b! })

/** Targets all round, grey and blue ones too: the least difference of the mixes from each. */
function meets(Batch: typeof MixBatch, digits: number): void {
  const random = seeded(6)
  const targets = Array.from({ length: 200 }, (_, n) => {
    const span = n % 4 === 0 ? 4 : 180
    return { L: 100 * random(), a: span * (random() - 0.5), b: span * (random() - 0.5) }
  })
  const batch = new Batch(starterPaints, { targets })
  // Few at a time, so that not all targets have a near one.
  for (const many of [1, 2, 3, 7, 50]) {
    mixes(many).forEach(({ paints, drops }, i) => batch.put(i, paints, drops))
    batch.reckon(many)
    const off = new Float32Array(targets.length + 1).fill(90)
    batch.meet(off, 1)
    expect(off[0]).toBe(90)
    targets.forEach(({ L, a, b }, t) => {
      const all = Array.from({ length: many }, (_, i) => theirs(lab(batch.lab(i)), lab([L, a, b])))
      expect(off[t + 1], `target ${t}`).toBeCloseTo(Math.min(90, ...all), digits)
    })
  }
}

function near(batch: MixBatch, digits: number): void {
  const all = mixes(600)
  all.forEach(({ paints, drops }, i) => batch.put(i, paints, drops))
  batch.reckon(all.length)
  all.forEach(({ paints, drops }, i) => {
    const parts = paints.map((at, k) => ({ paint: starterPaints[at]!, drops: drops[k]! }))
    const lab = labOf(opaqueReflectance(mixPaints(parts.filter((part) => part.drops > 0))))
    ;[lab.L, lab.a, lab.b].forEach((value, axis) =>
      expect(batch.lab(i)[axis], `mix ${i}`).toBeCloseTo(value, digits),
    )
  })
}

it('mixes as the plain model does, in single precision', () => {
  expect(BATCH).toBeGreaterThan(600)
  near(new MixBatch(starterPaints), 2)
  meets(MixBatch, 3)
})

it('without WebAssembly it mixes all the same', async () => {
  vi.resetModules()
  vi.stubGlobal('WebAssembly', undefined)
  const { MixBatch: Plain } = await import('./mixBatch')
  near(new Plain(starterPaints), 9)
  meets(Plain, 4)
  vi.unstubAllGlobals()
})
