import { describe, expect, it } from 'vitest'
import { normals, seeded } from '../numbers/seeded'
import { placedOff } from './placed'
import { skills } from './skills'
import type { Skill } from './skills'
import { shareRight, Staircase } from './staircase'
import { many } from '../../tests/thorough'

/**
 * Observers that do not know our curve (signal detection theory, Green and Swets 1966): what is shown is felt with normal
 * noise, the one that is felt most is named, and now and then the hand slips.
 */
class Observer {
  private readonly normal: () => number
  constructor(
    private readonly noise: number,
    private readonly lapse: number,
    private readonly random: () => number,
  ) {
    this.normal = normals(random)
  }
  names(level: number, options: number): boolean {
    if (this.random() < this.lapse) return this.random() < 1 / options
    const felt = level + this.noise * this.normal()
    for (let i = 1; i < options; i++) if (this.noise * this.normal() > felt) return false
    return true
  }
}

/** Share of right answers without lapses, by the integral ∫ φ(x − d) Φ(x)^(m−1) dx. */
function trueShare(level: number, noise: number, options: number): number {
  const d = level / noise
  const cdf = (x: number): number => {
    // Zelen and Severo 1964, 26.2.17 in Abramowitz and Stegun.
    const t = 1 / (1 + 0.2316419 * Math.abs(x))
    const tail =
      (Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI)) *
      t *
      (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
    return x > 0 ? 1 - tail : tail
  }
  let sum = 0
  for (let x = -8; x < 8 + d; x += 0.02)
    sum += (Math.exp(-((x - d) ** 2) / 2) / Math.sqrt(2 * Math.PI)) * cdf(x) ** (options - 1) * 0.02
  return sum
}
/** The difference at which 1 − 1/e of what is not guessed is seen. */
function trueThreshold(noise: number, options: number): number {
  const wanted = 1 / options + (1 - 1 / options) * (1 - 1 / Math.E)
  let [low, high] = [0, 10 * noise]
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2
    if (trueShare(middle, noise, options) < wanted) low = middle
    else high = middle
  }
  return low
}

const ANSWERS = 60
const SEEDS = many(200, 100)

describe('an eye that is measured', () => {
  for (const [skill, noise, lapse] of [
    ['lighter', 0.9, 0.02],
    ['warmer', 6, 0.05],
    ['breaks', 1.6, 0],
  ] as [Skill, number, number][])
    it(`${skill}: known thresholds are found within 20 % after ${ANSWERS} answers, and difficulty settles where it is aimed`, () => {
      const procedure = skills[skill]
      const truth = trueThreshold(noise, procedure.options)
      let [within, bias, held, lateRight, late] = [0, 0, 0, 0, 0]
      for (let seed = 1; seed <= SEEDS; seed++) {
        const random = seeded(seed * 7919)
        const observer = new Observer(noise, lapse, random)
        const staircase = new Staircase(procedure)
        for (let i = 0; i < ANSWERS; i++) {
          const level = staircase.next(random())
          const right = observer.names(level, procedure.options)
          staircase.note({ level, right })
          if (i >= ANSWERS / 2) {
            late++
            if (right) lateRight++
          }
        }
        const { threshold, low, high } = staircase.threshold()
        if (Math.abs(threshold / truth - 1) <= 0.2) within++
        if (low <= truth && truth <= high) held++
        bias += Math.log(threshold / truth) / SEEDS
      }
      console.log(
        `${skill}: truth ${truth.toFixed(2)}, within 20 % ${within} of ${SEEDS}, mean off ${(100 * Math.expm1(bias)).toFixed(1)} %, interval holds ${held}, right ${((100 * lateRight) / late).toFixed(0)} %`,
      )
      expect(within / SEEDS).toBeGreaterThan(0.8)
      expect(Math.abs(Math.expm1(bias))).toBeLessThan(0.1)
      expect(held / SEEDS).toBeGreaterThan(0.8)
      const aimed = (1 / procedure.options + (1 - 1 / procedure.options) * 0.8) * (1 - lapse)
      expect(Math.abs(lateRight / late - aimed)).toBeLessThan(0.05)
    })

  it('places on a slider: the spread of 60 answers is found, slips and all', () => {
    let within = 0
    for (let seed = 1; seed <= SEEDS; seed++) {
      const normal = normals(seeded(seed))
      const offs = Array.from({ length: ANSWERS }, () => 0.4 * normal())
      if (Math.abs(placedOff(offs, skills.ratio.from).threshold / 0.4 - 1) <= 0.2) within++
    }
    expect(within / SEEDS).toBeGreaterThan(0.9)
  })

  it('guesses alone are right one time in so many, lapses are never more than their share', () => {
    expect(shareRight(0, 2, 3, 0.25, 0.04)).toBe(0.25)
    expect(shareRight(200, 2, 3, 0.25, 0.04)).toBeCloseTo(0.96, 12)
    expect(shareRight(2, 2, 3, 0.25, 0.04)).toBeCloseTo(0.25 + 0.71 * (1 - Math.exp(-1)), 12)
  })
})
