import { expect, it } from 'vitest'
import { modelled } from '../bench/learning/readingModel'
import { labOf } from '../colour/lab'
import { seeded } from '../numbers/seeded'
import { mixPaints } from '../paint/mix'
import { MixEvaluator } from '../paint/mixEvaluator'
import { opaqueReflectance } from '../paint/opaque'
import { starterPaints } from '../paint/starter'
import { reflectance } from './search/plainBound'
import { ROUGH_LAB, SetMixer } from './setMixer'

/** Mixing stands once, in `mixPaints` and `opaqueReflectance`; what is written again for speed says the same. */
it('every form of mixing is the plain one: evaluator, bounds, kernel and what is learnt from', () => {
  const random = seeded(39)
  const LIMITS = { maxPaints: 4, maxDrops: 6 }
  const worst = { evaluator: 0, bound: 0, learnt: 0, kernel: 0 }
  const evaluator = new MixEvaluator(starterPaints)
  const set = new SetMixer(starterPaints, LIMITS)
  const out = new Float64Array(3)
  for (let n = 0; n < 120; n++) {
    const members = [...starterPaints.keys()]
      .sort(() => random() - 0.5)
      .slice(0, 1 + (n % LIMITS.maxPaints))
      .sort((one, other) => one - other)
    set.mix(members)
    const ratios = set.ratios[members.length - 1]!
    const at = Math.floor(random() * ratios.length)
    const drops = ratios[at]!
    const parts = members.map((paint, i) => ({ paint: starterPaints[paint]!, drops: drops[i]! }))
    const mix = mixPaints(parts)
    const plain = opaqueReflectance(mix)
    const { L, a, b } = labOf(plain)
    const off = (lab: ArrayLike<number>): number =>
      Math.max(Math.abs(lab[0]! - L), Math.abs(lab[1]! - a), Math.abs(lab[2]! - b))

    evaluator.writeLab(members, drops, members.length, out, 0)
    worst.evaluator = Math.max(worst.evaluator, off(out))
    worst.kernel = Math.max(worst.kernel, off(set.planes.map((plane) => plane[at]!)))
    const { R } = modelled(
      parts.map(({ paint }) => paint),
      drops,
    )
    plain.forEach((r, i) => {
      worst.bound = Math.max(worst.bound, Math.abs(reflectance(mix.K[i]! / mix.S[i]!) - r))
      worst.learnt = Math.max(worst.learnt, Math.abs(R[i]! - r))
    })
  }
  expect(worst.evaluator).toBeLessThan(1e-9)
  expect(worst.bound).toBeLessThan(1e-12)
  expect(worst.learnt).toBeLessThan(1e-12)
  expect(worst.kernel).toBeLessThan(ROUGH_LAB)
})
