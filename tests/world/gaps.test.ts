import { expect, it } from 'vitest'
import { deltaE00, featuresOf, labOf, predictLadder, starterPaints } from '../../core'
import type { Mixture, Paint } from '../../core'
import { many } from '../thorough'
import { singleBottle } from './bottles'
import { opaque, plainWorld } from './physics'
import { chance, mean, share, white } from './trial'

const pigments = starterPaints.filter(({ id }) => featuresOf(id) && id !== white.id)

it('gaps of ten ladders from each of many boxes lie in their bands two times in three, and are surer than the whole', () => {
  const { random, normal } = chance(8)
  const holds: boolean[] = []
  const narrower: number[] = []
  for (let n = 0; n < many(80, 25); n++) {
    const others = [...pigments].sort(() => random() - 0.5).slice(0, 4)
    const box: Paint[] = [white, ...others]
    const real: Mixture[] = box.map((paint) => singleBottle(paint, normal))
    for (let k = 0; k < 10; k++) {
      const [one, two] = [1, 2, 3, 4].sort(() => random() - 0.5)
      const steps = Array.from({ length: 7 }, (_, s) => [
        { at: 0, drops: 1 + 2 * s },
        { at: one!, drops: 4 },
        { at: two!, drops: 1 + Math.floor(3 * random()) },
      ])
      const { gaps, whole } = predictLadder(
        steps.map((parts) => parts.map(({ at, drops }) => ({ paint: box[at]!, drops }))),
      )
      const labs = steps.map((parts) =>
        labOf(
          opaque(
            parts.map(({ at, drops }) => ({ bottle: real[at]!, share: drops })),
            plainWorld,
          ),
        ),
      )
      gaps.forEach((gap, i) =>
        holds.push(Math.abs(deltaE00(labs[i]!, labs[i + 1]!) - gap.deltaE00) <= gap.within),
      )
      narrower.push(mean(gaps.map(({ within }) => within)) / whole)
    }
  }
  expect(share(holds)).toBeGreaterThan(0.6)
  expect(share(holds)).toBeLessThan(0.76)
  expect(mean(narrower)).toBeLessThan(0.6)
}, 120_000)
