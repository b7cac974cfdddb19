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
function near(batch: MixBatch, digits: number): void {
  const all = mixes(600)
  all.forEach(({ paints, drops }, i) => batch.put(i, paints, drops))
  batch.reckon(all.length)
  all.forEach(({ paints, drops }, i) => {
    const parts = paints.map((at, k) => ({ paint: starterPaints[at]!, drops: drops[k]! }))
    const lab = labOf(opaqueReflectance(mixPaints(parts.filter((part) => part.drops > 0))))
    ;[lab.L, lab.a, lab.b].forEach((value, axis) =>
      expect(batch.lab[3 * i + axis], `mix ${i}`).toBeCloseTo(value, digits),
    )
  })
}

it('mixes as the plain model does, in single precision', () => {
  expect(BATCH).toBeGreaterThan(600)
  near(new MixBatch(starterPaints), 2)
})

it('without WebAssembly it mixes all the same', async () => {
  vi.resetModules()
  vi.stubGlobal('WebAssembly', undefined)
  const { MixBatch: Plain } = await import('./mixBatch')
  near(new Plain(starterPaints), 9)
  vi.unstubAllGlobals()
})
