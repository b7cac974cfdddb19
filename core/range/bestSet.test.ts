import { describe, expect, it } from 'vitest'
import { lowTide, onTheBench } from '../../demo/lowTide'
import { exhaustiveRecipes } from '../recipe/exhaustive'
import { plainLighting } from '../project/lighting'
import { ladderTargets } from '../ladder/targets'
import { seeded } from '../numbers/seeded'
import type { Paint } from '../paint/paint'
import { starterPaints } from '../paint/starter'
import { baseReflectance } from '../tone/tone'
import { many } from '../../tests/thorough'
import { bestSet } from './bestSet'
import type { BestSet, SetWishes } from './bestSet'
import { FAR, SetTable } from './setTable'
import { shortlist } from './shortlist'

const bench = starterPaints.filter(({ id }) => onTheBench.includes(id))
const aims = lowTide([]).figures.flatMap(({ tone, plan }) =>
  ladderTargets(baseReflectance(tone), { ...plainLighting, ...plan }).map(({ target }) => target),
)
function tableOf(paints: readonly Paint[], targets: typeof aims, maxDrops: number): SetTable {
  const table = new SetTable(paints.length, targets.length)
  for (const done of table.fill(paints, targets, maxDrops)) expect(done).toBeLessThanOrEqual(1)
  return table
}
function* setsOf(n: number, size: number, from = 0): Generator<number[]> {
  if (size === 0) return yield []
  for (let i = from; i <= n - size; i++)
    for (const rest of setsOf(n, size - 1, i + 1)) yield [i, ...rest]
}
const last = (table: SetTable, wishes: SetWishes): BestSet => [...bestSet(table, wishes)].at(-1)!
/** Runs to its end. */
const proved = (table: SetTable, wishes: SetWishes): BestSet => {
  const search = bestSet(table, wishes)
  for (;;) {
    const { value, done } = search.next()
    if (done) return value
  }
}

describe('a table of what sets of bottles can mix', () => {
  it('holds for every set what trying every mix of it finds', () => {
    const random = seeded(5)
    const targets = aims.filter((_, i) => i % 9 === 0)
    const table = tableOf(bench, targets, 8)
    for (let n = 0; n < many(60, 20); n++) {
      const places = bench.map((_, i) => i).sort(() => random() - 0.5)
      const set = places.slice(0, 1 + (n % 5))
      const off = table.best(set)
      targets.forEach((target, t) => {
        const paints = set.map((i) => bench[i]!)
        const [best] = exhaustiveRecipes({ target, paints, maxPaints: 3, maxDrops: 8 })
        expect(off[t]).toBeCloseTo(Math.min(FAR, best!.deltaE00), 2)
      })
    }
  })

  it('made in parts it is the same', () => {
    const targets = aims.slice(0, 7)
    const paints = bench.slice(0, 8)
    const whole = tableOf(paints, targets, 6)
    const [one, other] = [0, 1].map((part) => {
      const table = new SetTable(paints.length, targets.length)
      for (const _ of table.fill(paints, targets, 6, { part, of: 2 })) continue
      return table
    }) as [SetTable, SetTable]
    one.merge(other.off)
    expect([...one.off]).toEqual([...whole.off])
  })
})

describe('a shortlist of a large box', () => {
  it('keeps what must be, as many as asked, and a floor that no few bottles go under', () => {
    const targets = aims.filter((_, i) => i % 8 === 0)
    const search = shortlist(starterPaints, targets, {
      most: 10,
      maxDrops: 6,
      must: ['cobalt-blue'],
      patience: () => ({ until: Infinity, now: () => 0 }),
    })
    let step = search.next()
    while (!step.done) step = search.next()
    const { paints, floor } = step.value
    expect(paints.length).toBeLessThanOrEqual(10)
    expect(paints.map(({ id }) => id)).toContain('cobalt-blue')
    // From the shortlist six are found that are hardly worse than six of all.
    const few = proved(tableOf(paints, targets, 6), { size: 4 })
    const all = proved(tableOf(starterPaints, targets, 6), { size: 4 })
    expect(floor).toBeLessThanOrEqual(all.mean + 1e-6)
    expect(few.mean).toBeGreaterThanOrEqual(all.mean - 1e-9)
    expect(few.mean).toBeLessThan(all.mean + 1)
  })
})

describe('the best few bottles', () => {
  it('equal trying every set, for fourteen bottles and up to eight, on random sets of targets', () => {
    const random = seeded(9)
    for (let n = 0; n < 50; n++) {
      const targets = aims.filter(() => random() < 0.25)
      const table = tableOf(bench, targets, 6)
      const size = 1 + (n % 8)
      const mean = (set: number[]): number =>
        table.best(set).reduce((sum, off) => sum + off, 0) / targets.length
      let least = Infinity
      for (const set of setsOf(bench.length, size)) least = Math.min(least, mean(set))
      const found = proved(table, { size })
      expect(found.proved).toBe(true)
      expect(found.mean, `case ${n}`).toBeCloseTo(least, 9)
      expect(mean(found.set)).toBeCloseTo(found.mean, 9)
      expect(found.atLeast).toBeCloseTo(least, 9)
    }
  })

  it('holds what is pinned, leaves out what is out, and counts what a bottle costs', () => {
    const table = tableOf(bench, aims.slice(0, 35), 6)
    const free = proved(table, { size: 4 })
    const [first] = free.set
    const without = proved(table, { size: 4, out: [first!] })
    expect(without.set).not.toContain(first)
    expect(without.mean).toBeGreaterThanOrEqual(free.mean)
    const never = bench.findIndex(({ id }) => id === 'phthalo-blue-green')
    const pinned = proved(table, { size: 4, pinned: [never] })
    expect(pinned.set).toContain(never)
    // What is dear is only taken where it brings more than it costs.
    const dear = proved(table, { size: 4, cost: (one) => (one === first ? 50 : 0) })
    expect(dear.set).toEqual(without.set)
    expect(() => last(table, { size: 0 })).toThrow('a set of 0 bottles; allowed is 1 to 14')
    expect(() => last(table, { size: 1, pinned: [0, 1] })).toThrow('allowed is 2 to 14')
  })

  it('says before the proof what it has and how much less there could be', () => {
    const table = tableOf(bench, aims, 6)
    const search = bestSet(table, { size: 6 })
    const first = search.next().value
    const end = proved(table, { size: 6 })
    expect(first.proved).toBe(false)
    expect(first.atLeast).toBeLessThanOrEqual(end.mean + 1e-9)
    expect(first.mean).toBeGreaterThanOrEqual(end.mean - 1e-9)
    // Exchange from several starts finds it before it is proved.
    expect(first.mean).toBeCloseTo(end.mean, 9)
  })
})
