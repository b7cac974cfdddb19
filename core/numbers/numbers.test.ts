import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bisect, geometric } from './bisect'
import { crossing } from './crossing'
import { gcd } from './gcd'
import { nelderMead } from './nelderMead'
import { normals, seeded } from './seeded'
import { inverseOf } from './inverseOf'
import { solve } from './solve'
import { solveBordered } from './solveBordered'

const small = fc.integer({ min: 1, max: 400 })

describe('whole numbers', () => {
  it('the greatest common divisor divides both, and nothing greater does', () => {
    fc.assert(
      fc.property(small, small, (one, other) => {
        const found = gcd(one, other)
        expect([one % found, other % found]).toEqual([0, 0])
        for (let d = found + 1; d <= Math.min(one, other); d++)
          expect(one % d === 0 && other % d === 0).toBe(false)
        expect(gcd(other, one)).toBe(found)
      }),
      { numRuns: 200 },
    )
    expect(gcd(0, 7)).toBe(7)
  })
})

describe('bisection', () => {
  it('closes in on where a rising condition begins, from both sides', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 99.9, noNaN: true }), (edge) => {
        const { low, high } = bisect(0, 100, (x) => x >= edge, 50)
        expect(low).toBeLessThanOrEqual(edge)
        expect(high).toBeGreaterThanOrEqual(edge)
        expect(high - low).toBeLessThan(1e-10)
      }),
    )
  })

  it('by the geometric mean it is as near over many powers of ten', () => {
    for (const edge of [2e-4, 0.3, 55, 8e3]) {
      const { high } = bisect(1e-4, 1e4, (x) => x >= edge, 40, geometric)
      expect(Math.abs(high / edge - 1)).toBeLessThan(1e-9)
    }
  })
})

describe('where a function crosses nought', () => {
  it('is found for bent, steep and broken lines; where they are smooth in few calls', () => {
    const smooth = (x: number, at: number): number => Math.sqrt(x) - Math.sqrt(at)
    const lines: ((x: number, at: number) => number)[] = [
      smooth,
      (x, at) => x ** 3 - at ** 3,
      (x, at) => Math.atan(20 * (x - at)),
      (x, at) => (x < at ? 5 * (x - at) : 0.2 * (x - at)),
    ]
    fc.assert(
      fc.property(
        fc.constantFrom(...lines),
        fc.double({ min: 0.02, max: 1.98, noNaN: true }),
        (line, at) => {
          const found = crossing(0, 2, (x) => line(x, at), 1e-9)
          expect(Math.abs(line(found, at))).toBeLessThanOrEqual(1e-9)
        },
      ),
      { numRuns: 300 },
    )
    // Halving takes thirty.
    let calls = 0
    for (let at = 0.02; at < 2; at += 0.02) crossing(0, 2, (x) => (calls++, smooth(x, at)), 1e-9)
    expect(calls / 99).toBeLessThan(11)
  })
})

describe('linear equations', () => {
  it('of a curve under conditions: what comes out, put in, gives the right side again', () => {
    const random = seeded(12)
    const some = (n: number): Float64Array => Float64Array.from({ length: n }, () => random() - 0.5)
    for (let n = 2; n <= 20; n++) {
      const border = [some(n), some(n)]
      // Ends that are free: without the conditions no solution is the only one. Then one with a pivot of nought.
      const free = Float64Array.from({ length: n }, (_, i) => (i === 0 || i === n - 1 ? 1 : 2))
      for (const diagonal of [free, some(n), some(n).fill(0, 0, 1)]) {
        const right = some(n + 2)
        const x = solveBordered(diagonal, -1, border, right)
        const own = Array.from(diagonal, (d, i) => {
          const beside = (x[i - 1] ?? 0) + (i + 1 < n ? x[i + 1]! : 0)
          return d * x[i]! - beside + border.reduce((sum, line, k) => sum + line[i]! * x[n + k]!, 0)
        })
        const sums = border.map((line) => line.reduce((sum, v, i) => sum + v * x[i]!, 0))
        for (const [i, value] of [...own, ...sums].entries())
          expect(Math.abs(value - right[i]!)).toBeLessThan(1e-6)
      }
    }
  })

  it('give back what the matrix was multiplied with', () => {
    const random = seeded(4)
    for (let n = 1; n <= 12; n++) {
      const A = Array.from({ length: n }, () =>
        Float64Array.from({ length: n }, () => random() - 0.5),
      )
      const x = Float64Array.from({ length: n }, () => 10 * random() - 5)
      const b = Float64Array.from(A, (row) => row.reduce((sum, v, k) => sum + v * x[k]!, 0))
      const found = solve(
        A.map((row) => row.slice()),
        b.slice(),
      )
      found.forEach((v, i) => expect(v).toBeCloseTo(x[i]!, 7))
      inverseOf(A).forEach((row, i) =>
        expect(row.reduce((sum, v, k) => sum + v * b[k]!, 0)).toBeCloseTo(x[i]!, 7),
      )
    }
    expect(() => inverseOf([Float64Array.of(1, 2), Float64Array.of(2, 4)])).toThrow('singular')
    expect(() =>
      solve([Float64Array.of(1, 2), Float64Array.of(2, 4)], Float64Array.of(1, 2)),
    ).toThrow('singular')
  })
})

describe('the simplex of Nelder and Mead', () => {
  it('finds the least of the valley of Rosenbrock (1960, doi:10.1093/comjnl/3.3.175), at 1, 1', () => {
    const valley = ([x, y]: readonly number[]): number => 100 * (y! - x! ** 2) ** 2 + (1 - x!) ** 2
    const { x, value } = nelderMead(valley, [-1.2, 1], [0.5, 0.5])
    expect(value).toBeLessThan(1e-6)
    for (const v of x) expect(v).toBeCloseTo(1, 2)
  })
})

describe('repeatable chance', () => {
  it('the same seed gives the same numbers, spread evenly; another gives others', () => {
    const [one, same, other] = [seeded(9), seeded(9), seeded(10)]
    const drawn = Array.from({ length: 20_000 }, one)
    expect(drawn.slice(0, 50)).toEqual(Array.from({ length: 50 }, same))
    expect(drawn.slice(0, 5)).not.toEqual(Array.from({ length: 5 }, other))
    const cells = new Array<number>(10).fill(0)
    for (const v of drawn) cells[Math.floor(10 * v)]!++
    // Chi squared with nine degrees of freedom: beyond 27.9 once in a thousand (handbook table).
    const chi = cells.reduce((sum, n) => sum + (n - 2000) ** 2 / 2000, 0)
    expect(chi).toBeLessThan(27.9)
  })

  it('normal numbers have mean 0, deviation 1, and 68% within one', () => {
    const normal = normals(seeded(11))
    const drawn = Array.from({ length: 20_000 }, normal)
    const mean = drawn.reduce((a, b) => a + b, 0) / drawn.length
    const deviation = Math.sqrt(drawn.reduce((sum, v) => sum + (v - mean) ** 2, 0) / drawn.length)
    expect(Math.abs(mean)).toBeLessThan(0.025)
    expect(Math.abs(deviation - 1)).toBeLessThan(0.02)
    const within = drawn.filter((v) => Math.abs(v) < 1).length / drawn.length
    expect(Math.abs(within - 0.6827)).toBeLessThan(0.01)
  })
})
