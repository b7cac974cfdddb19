import { differenceCiede2000 } from 'culori'
import { MixEvaluator, starterPaints } from '../../core'
import { seeded } from '../../core/numbers/seeded'
import { BATCH, MixBatch } from '../../core/recipe/mixBatch'
import { race } from './rate'
import type { Ratio } from './rate'

const TARGETS = 45

/** Mixes of three a second to Lab, and CIEDE2000 of them from many targets: the SIMD kernel against plain code and culori. */
export function evaluatorBench(): Ratio[] {
  const random = seeded(3)
  const targets = Array.from({ length: TARGETS }, () => ({
    L: 100 * random(),
    a: 160 * random() - 80,
    b: 160 * random() - 80,
  }))
  const batch = new MixBatch(starterPaints, { targets })
  const mixes = Array.from({ length: BATCH }, () =>
    [0, 1, 2].map(() => Math.floor(random() * starterPaints.length)),
  )
  const doses = mixes.map((mix) => mix.map(() => 1 + Math.floor(random() * 10)))
  mixes.forEach((mix, i) => batch.put(i, mix, doses[i]!))
  const plain = new MixEvaluator(starterPaints)
  const lab = new Float64Array(3)
  const rates = race(
    { items: BATCH, run: () => batch.reckon(BATCH) },
    {
      items: BATCH,
      run: () => {
        for (let m = 0; m < BATCH; m++) plain.writeLab(mixes[m]!, doses[m]!, 3, lab, 0)
      },
    },
  )
  const colours = mixes.map((_, i) => {
    const [l, a, b] = batch.lab(i)
    return { mode: 'lab65' as const, l, a, b }
  })
  const aims = targets.map(({ L, a, b }) => ({ mode: 'lab65' as const, l: L, a, b }))
  const culori = differenceCiede2000()
  const off = new Float32Array(TARGETS)
  let sink = 0
  const differences = race(
    { items: BATCH * TARGETS, run: () => batch.meet(off.fill(1000), 0) },
    {
      items: BATCH,
      run: () => {
        for (let m = 0; m < BATCH; m++) sink += culori(colours[m]!, aims[m % TARGETS]!)
      },
    },
  )
  if (!(sink > 0)) throw new Error('the benchmark computed nothing')
  return [
    // A plain loop in C, double precision, makes 2.3 times as many as the plain evaluator (measured by hand).
    {
      what: 'mixes of three to Lab a second, SIMD batch',
      against: 'plain evaluator',
      ...rates,
      wanted: 5.5,
    },
    {
      what: 'CIEDE2000 of a batch from 45 targets, the least kept, per s',
      against: 'culori',
      ...differences,
      wanted: 5,
    },
  ]
}
