import { expect, it } from 'vitest'
import { seeded } from '../numbers/seeded'
import { deltaE00Of } from './deltaE00'
import { surelyFurther } from './surelyFurther'

it('is never sure of what is nearer, and sure of most of what is far', () => {
  const random = seeded(4)
  let [far, sure, wrong] = [0, 0, 0]
  for (let n = 0; n < 300_000; n++) {
    const wide = n % 3 === 0 ? 1 : 0.15
    const [L1, a1, b1] = [100 * random(), 160 * (random() - 0.5), 160 * (random() - 0.5)]
    const near = (v: number, span: number): number => v + wide * span * (random() - 0.5)
    const L2 = Math.min(100, Math.max(0, near(L1, 100)))
    const [a2, b2] = [near(a1, 160), near(b1, 160)]
    const off = deltaE00Of(L1, a1, b1, L2, a2, b2)
    const told = (e: number): boolean =>
      surelyFurther(e, L1, a1, b1, Math.hypot(a1, b1), L2, a2, b2, Math.hypot(a2, b2))
    if (told(off + 1e-6)) wrong++
    if (off < 1) continue
    far++
    if (told(off / 2)) sure++
  }
  expect(wrong).toBe(0)
  expect(sure / far).toBeGreaterThan(0.8)
})
