import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../colour/deltaE00'
import { labOf } from '../colour/lab'
import { mixPaints } from '../paint/mix'
import { opaqueReflectance } from '../paint/opaque'
import type { Paint } from '../paint/paint'
import { starterPaints } from '../paint/starter'
import { seeded } from '../numbers/seeded'
import { bottlesIn, holds, PuddleError } from './content'
import { canBeGiven, canBeSaid, dispensed, MOST_OF_ONE } from './dispense'
import { dropsIn } from './drops'
import { palettePlan } from './palettePlan'
import type { Puddle, PuddlePart } from './puddle'
import { spoken } from './spoken'
import { many } from '../../tests/thorough'

const of = (id: string) => starterPaints.find((paint) => paint.id === id)!
const bottle = (id: string, drops: number): PuddlePart => ({ of: { bottle: id }, drops })
const pour = (id: string, drops: number): PuddlePart => ({ of: { puddle: id }, drops })

describe('a mix of mixes', () => {
  it('is what pouring by hand gives, K and S to 1e-12, over many random trees', () => {
    const random = seeded(18)
    const upTo = (most: number): number => Math.floor(random() * most)
    for (let n = 0; n < many(1000, 300); n++) {
      const puddles: Puddle[] = []
      for (let i = 0; i <= 1 + upTo(6); i++)
        puddles.push({
          id: `p${i}`,
          parts: Array.from({ length: 1 + upTo(4) }, () =>
            i > 0 && random() < 0.5
              ? pour(`p${upTo(i)}`, [0.1, 0.25, 0.5][upTo(3)]! + upTo(3))
              : bottle(starterPaints[upTo(39)]!.id, 1 + upTo(9)),
          ),
        })
      // By hand each well is a real mix before it is poured on.
      const wells = new Map<string, ReturnType<typeof mixPaints>>()
      for (const { id, parts } of puddles)
        wells.set(
          id,
          mixPaints(
            parts.map(({ of: what, drops }) => ({
              drops,
              paint: 'bottle' in what ? of(what.bottle) : wells.get(what.puddle)!,
            })),
          ),
        )
      const last = puddles.at(-1)!
      const bottles = bottlesIn(last.parts, (id) => puddles.find((one) => one.id === id)?.parts)
      expect(dropsIn(bottles)).toBeCloseTo(dropsIn(last.parts), 9)
      const mixed = mixPaints(bottles.map(({ paint, drops }) => ({ paint: of(paint), drops })))
      const byHand = wells.get(last.id)!
      for (const curve of ['K', 'S'] as const)
        mixed[curve].forEach((value, band) =>
          expect(Math.abs(value - byHand[curve][band]!)).toBeLessThanOrEqual(
            1e-12 * Math.max(1, byHand[curve][band]!),
          ),
        )
    }
  })

  it('that would hold itself is refused with its names; so is one that is not there, or too deep', () => {
    const parts: Record<string, PuddlePart[]> = {
      flesh: [bottle('yellow-ochre', 1), pour('light', 1)],
      light: [pour('glint', 2)],
      glint: [pour('flesh', 1)],
      lone: [bottle('titanium-white', 1)],
    }
    const named = (id: string): string => `the ${id}`
    const partsOf = (id: string) => parts[id]
    expect(() => bottlesIn([pour('flesh', 1)], partsOf, named)).toThrow(
      'a mix cannot hold itself: the flesh holds the light holds the glint holds the flesh',
    )
    expect(() => bottlesIn([pour('gone', 1)], partsOf, named)).toThrow(PuddleError)
    expect(holds(parts.flesh!, 'glint', partsOf)).toBe(true)
    expect(holds(parts.flesh!, 'lone', partsOf)).toBe(false)
    const chain = (id: string) =>
      id === 'p0' ? parts.lone! : [pour(`p${Number(id.slice(1)) - 1}`, 1)]
    expect(bottlesIn([pour('p30', 2)], chain)).toEqual([{ paint: 'titanium-white', drops: 2 }])
    expect(() => bottlesIn([pour('p9000', 1)], chain)).toThrow('more than 40 one within another')
  })

  it('that shares a well many times over is worked out once a well', () => {
    const twice = (id: string) => {
      const n = Number(id.slice(1))
      return n === 0 ? [bottle('yellow-ochre', 1)] : [pour(`p${n - 1}`, 1), pour(`p${n - 1}`, 2)]
    }
    expect(bottlesIn([pour('p38', 1)], twice)).toEqual([{ paint: 'yellow-ochre', drops: 1 }])
  })
})

describe('amounts', () => {
  const ratio = fc.array(
    fc.oneof(fc.integer({ min: 1, max: 24 }), fc.constantFrom(0.1, 0.25, 0.5)),
    {
      minLength: 1,
      maxLength: 5,
    },
  )
  it('can be given part by part, hold what is wanted, and keep the ratio', () => {
    fc.assert(
      fc.property(ratio, fc.double({ min: 0, max: 900, noNaN: true }), (parts, wanted) => {
        const { drops, times, total, exact } = dispensed(parts, wanted)
        for (const given of drops) {
          expect(given).toBeLessThanOrEqual(MOST_OF_ONE)
          // A touch to nine, halves of few, or whole drops: nobody pours 2¼.
          const less = given < 1 && Math.abs(10 * given - Math.round(10 * given)) < 1e-6
          const half = given < 6 && Math.abs(2 * given - Math.round(2 * given)) < 1e-6
          const whole = Math.abs(given - Math.round(given)) < 1e-6
          expect(less || half || whole, `${given}`).toBe(true)
        }
        expect(total).toBeCloseTo(times * drops.reduce((sum, one) => sum + one, 0), 9)
        if (!exact) return
        expect(total).toBeGreaterThanOrEqual(wanted - 1e-6)
        drops.forEach((one, i) => expect(one / drops[0]!).toBeCloseTo(parts[i]! / parts[0]!, 6))
      }),
      { numRuns: 400 },
    )
    expect([2.75, 7.5, 0.25].some(canBeGiven)).toBe(false)
    // Older files have halves and quarters; they are read as they are.
    expect([2.5, 0.25, 7.25].every(canBeSaid)).toBe(true)
    expect(canBeSaid(0.35)).toBe(false)
    expect(dispensed([2, 0.25]).drops).toEqual([4, 0.5])
    expect(dispensed([99, 1], 5)).toMatchObject({ exact: false, near: false, drops: [24, 0.2] })
    expect(() => dispensed([3, 0], 5)).toThrow('3 : 0')
  })

  it('out of the ratio by what pouring is uncertain by are less to pour, and no further off than pouring it again', () => {
    const random = seeded(3)
    const normal = (): number =>
      Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
    const seen = (paints: readonly Paint[], drops: readonly number[]) =>
      labOf(opaqueReflectance(mixPaints(paints.map((paint, i) => ({ paint, drops: drops[i]! })))))
    const poured = { letter: 0, uneven: 0 }
    const off = { given: [] as number[], again: [] as number[] }
    for (let n = 0; n < many(3000, 600); n++) {
      const paints = Array.from(
        { length: 2 + Math.floor(3 * random()) },
        (_, i) => starterPaints[Math.floor(9 * (i + random()))]!,
      )
      const ratio = paints.map(() => [1, 1, 2, 3, 4, 0.1, 0.2, 0.5][Math.floor(8 * random())]!)
      const wanted = 0.5 + 6 * random()
      const letter = dispensed(ratio, wanted)
      const uneven = dispensed(ratio, wanted, true)
      poured.letter += letter.total
      poured.uneven += uneven.total
      expect(uneven.drops.every(canBeGiven)).toBe(true)
      expect(uneven.total).toBeGreaterThanOrEqual(wanted - 1e-6)
      if (uneven.exact) continue
      const aim = seen(paints, ratio)
      off.given.push(deltaE00(aim, seen(paints, uneven.drops)))
      // Each drop and each half by itself a tenth larger or smaller, each touch a fifth.
      const once = ratio.map((drops) => {
        const by = drops < 0.5 ? 0.2 / Math.sqrt(10 * drops) : 0.1 / Math.sqrt(Math.max(1, drops))
        return drops * (1 + by * normal())
      })
      off.again.push(deltaE00(aim, seen(paints, once)))
    }
    const mean = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / all.length
    expect(off.given.length).toBeGreaterThan(100)
    expect(mean(off.given)).toBeLessThan(mean(off.again))
    expect(Math.max(...off.given)).toBeLessThan(Math.max(...off.again))
    expect(poured.uneven).toBeLessThan(0.93 * poured.letter)
  })

  it('of a palette: each puddle holds what is painted and poured, sources first, bottles as they are given', () => {
    const parts: Record<string, PuddlePart[]> = {
      base: [bottle('titanium-white', 5), bottle('red-iron-oxide', 2)],
      light: [pour('base', 3), bottle('titanium-white', 1)],
      glint: [pour('light', 1), bottle('titanium-white', 2)],
    }
    const plan = palettePlan(
      [
        { of: { puddle: 'glint' }, drops: 4, kept: 1 },
        { of: { puddle: 'base' }, drops: 10, kept: 1 },
        { of: { puddle: 'base' }, drops: 1, kept: 0.5 },
        { of: { bottle: 'ultramarine' }, drops: 0.6, kept: 0.3 },
      ],
      (id) => parts[id],
    )
    const byId = new Map(
      plan.puddles.map((one) => ['puddle' in one.of ? one.of.puddle : one.of.bottle, one]),
    )
    const order = [...byId.keys()]
    expect(order.indexOf('base')).toBeLessThan(order.indexOf('light'))
    expect(order.indexOf('light')).toBeLessThan(order.indexOf('glint'))
    for (const { given, painted, kept, poured, left } of plan.puddles) {
      expect(given.drops.every(canBeGiven)).toBe(true)
      expect(given.total).toBeCloseTo(painted + kept + dropsIn(poured) + left, 9)
      expect(left).toBeGreaterThanOrEqual(-1e-9)
    }
    // What stays in the brush stays once, however often a puddle is painted with.
    expect(byId.get('base')).toMatchObject({ painted: 11, kept: 1 })
    expect(byId.get('light')!.poured).toEqual([
      { into: { puddle: 'glint' }, drops: byId.get('glint')!.given.drops[0]! },
    ])
    expect(byId.get('light')!.painted).toBe(0)
    // What comes out of bottles is what ends in wells that are painted with, and what is over.
    const out = dropsIn(plan.bottles)
    const ends = plan.puddles.reduce((sum, one) => sum + one.painted + one.kept + one.left, 0)
    expect(out).toBeCloseTo(ends, 9)
  })
})

describe('a mix said in words', () => {
  const among = [
    { name: 'flesh', of: { puddle: 'flesh' } },
    { name: 'Base', of: { puddle: 'base' } },
    { name: 'Light', of: { puddle: 'light' } },
    { name: 'red-brown and white, 2 : 1', of: { puddle: 'pale' } },
    { name: 'pink greyed with green', of: { puddle: 'grey' } },
    ...starterPaints.map(({ id, name, pigments }) => ({ name, of: { bottle: id }, pigments })),
  ]
  /** The first bottle of a hue, by its Colour Index name. */
  const first = (hue: string): string =>
    starterPaints.find(({ pigments }) => pigments[0]!.replace(/\d.*$/, '') === hue)!.id
  const cases: [string, PuddlePart[]][] = [
    ['the flesh with a spot of ultramarine', [pour('flesh', 4), bottle('ultramarine', 0.2)]],
    // A quarter is no amount: the same ratio in what can be poured.
    ['two flesh and a quarter drop of ultramarine', [pour('flesh', 4), bottle('ultramarine', 0.5)]],
    ['3 base : 1 light', [pour('base', 3), pour('light', 1)]],
    ['three parts of base to one of light', [pour('base', 3), pour('light', 1)]],
    ['ultramarine and flesh half and half', [bottle('ultramarine', 1), pour('flesh', 1)]],
    [
      '2 drops of yellow ochre + 1 titanium white',
      [bottle('yellow-ochre', 2), bottle('titanium-white', 1)],
    ],
    ['base, a touch of carbon black', [pour('base', 4), bottle('carbon-black', 0.1)]],
    [
      '3 yellow 2 red 1 dark blue',
      [bottle(first('PY'), 3), bottle(first('PR'), 2), bottle(first('PB'), 1)],
    ],
    ['1 white', [bottle('titanium-white', 1)]],
    ['the flesh with a little green', [pour('flesh', 4), bottle(first('PG'), 0.5)]],
    ['two flesh and half a drop of burnt umber', [pour('flesh', 2), bottle('burnt-umber', 0.5)]],
  ]
  it.each(cases)('%s', (text, parts) => expect(spoken(text, among)).toEqual({ parts }))

  it('a word of hue is the first such pigment of the box; what nobody knows is named', () => {
    const heard = spoken('the flesh with a spot of blue', among)
    const [, blue] = 'parts' in heard ? heard.parts : []
    expect(of((blue!.of as { bottle: string }).bottle).pigments[0]).toMatch(/^PB\d/)
    expect(spoken('flesh with a spot of moonshine', among)).toEqual({ unknown: 'moonshine' })
    expect(spoken('  ', among)).toEqual({ unknown: '' })
  })
})
