import { differenceCiede2000 } from 'culori'
import { MixEvaluator, starterPaints } from '../../core'
import { seeded } from '../../core/numbers/seeded'
import { SetMixer } from '../../core/recipe/setMixer'
import { race } from './rate'
import type { Ratio } from './rate'

const TARGETS = 45
const SETS = 40

/** Mixes of three a second to Lab, and CIEDE2000 of them from many targets: the SIMD kernel against plain code and culori. */
export function evaluatorBench(): Ratio[] {
  const random = seeded(3)
  const targets = Array.from({ length: TARGETS }, () => ({
    L: 100 * random(),
    a: 160 * random() - 80,
    b: 160 * random() - 80,
  }))
  const mixer = new SetMixer(starterPaints, { maxPaints: 3, maxDrops: 12 }, { targets })
  const ratios = mixer.ratios[2]!
  const many = ratios.length
  const sets = Array.from({ length: SETS }, () =>
    [0, 1, 2].map(() => Math.floor(random() * starterPaints.length)),
  )
  const plain = new MixEvaluator(starterPaints)
  const lab = new Float64Array(3)
  const rates = race(
    { items: SETS * many, run: () => sets.forEach((set) => mixer.mix(set)) },
    {
      items: SETS * many,
      run: () => {
        for (const set of sets) for (const drops of ratios) plain.writeLab(set, drops, 3, lab, 0)
      },
    },
  )
  const [L, a, b] = mixer.planes
  const colours = ratios.map((_, i) => ({ mode: 'lab65' as const, l: L[i]!, a: a[i]!, b: b[i]! }))
  const aims = targets.map(({ L, a, b }) => ({ mode: 'lab65' as const, l: L, a, b }))
  const culori = differenceCiede2000()
  const off = new Float32Array(TARGETS)
  let sink = 0
  const differences = race(
    { items: many * TARGETS, run: () => mixer.meet(off.fill(1000), 0) },
    {
      items: many,
      run: () => {
        for (let m = 0; m < many; m++) sink += culori(colours[m]!, aims[m % TARGETS]!)
      },
    },
  )
  if (!(sink > 0)) throw new Error('the benchmark computed nothing')
  return [
    // A plain loop in C, double precision, makes 2.3 times as many as the plain evaluator (measured by hand).
    {
      what: 'mixes of three to Lab a second, SIMD, set by set',
      against: 'plain evaluator',
      ...rates,
      wanted: 5.5,
    },
    {
      what: 'CIEDE2000 of a set from 45 targets, the least kept, per s',
      against: 'culori',
      ...differences,
      wanted: 5,
    },
  ]
}
