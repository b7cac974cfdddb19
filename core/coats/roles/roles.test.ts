import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { hueOf, chromaOf } from '../../colour/lch'
import { gcd } from '../../numbers/gcd'
import { seeded } from '../../numbers/seeded'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { starterPaints } from '../../paint/starter'
import { canBeGiven } from '../../puddle/dispense'
import { many } from '../../../tests/thorough'
import { wayWindows } from '../../../tests/fixtures/wayWindows'
import { bottleThatMakes } from './bottleThatMakes'
import { familiesOf } from './families'
import { RoleMixes } from './roleMixes'
import { roles } from './roleWindows'
import { aimOf, isInside, roleOf } from './roles'
import type { RoleKey } from './roles'

const random = seeded(41)
const keys = Object.keys(roles) as RoleKey[]
const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
const boxOf = (size: number): Paint[] => {
  const box = new Set<Paint>()
  while (box.size < size) box.add(pick(starterPaints))
  return [...box]
}

/** Every mix of a box, by the plain mixing of the core. */
function* everyMix(box: readonly Paint[]) {
  for (let i = 0; i < box.length; i++) {
    yield [{ paint: box[i]!, drops: 1 }]
    for (let j = i + 1; j < box.length; j++) {
      for (let a = 1; a < 8; a++)
        for (let b = 1; a + b <= 8; b++)
          if (gcd(a, b) === 1)
            yield [
              { paint: box[i]!, drops: a },
              { paint: box[j]!, drops: b },
            ]
      // One beside whole drops of another: half a drop, or a touch to four.
      for (const [little, other] of [
        [box[i]!, box[j]!],
        [box[j]!, box[i]!],
      ] as const)
        for (let a = 1; a < 8; a++)
          for (const [share, most] of [
            [0.5, 1],
            [0.1, 4],
          ] as const)
            for (let b = 1; b <= most && a + b <= 8; b++)
              if (gcd(a, b) === 1)
                yield [
                  { paint: other, drops: a },
                  { paint: little, drops: b * share },
                ]
      for (let k = j + 1; k < box.length; k++)
        for (let a = 1; a < 7; a++)
          for (let b = 1; a + b < 8; b++)
            for (let c = 1; a + b + c <= 8; c++)
              if (gcd(gcd(a, b), c) === 1)
                yield [
                  { paint: box[i]!, drops: a },
                  { paint: box[j]!, drops: b },
                  { paint: box[k]!, drops: c },
                ]
    }
  }
}

/** Drops of the smallest puddle of a mix that can be given part by part, by trying every one from a touch up. */
function leastPoured(parts: readonly { drops: number }[]): number {
  const sum = parts.reduce((all, { drops }) => all + drops, 0)
  for (let touches = 1; touches < 10 * sum - 1e-6; touches++)
    if (parts.every(({ drops }) => canBeGiven((drops * touches) / (10 * sum)))) return touches / 10
  return sum
}

describe('a mix is what it is called', () => {
  it('windows are those that were written down apart from the code', () => {
    for (const key of keys) {
      const { name, h, L, C } = roleOf(key)
      const told = wayWindows[name]
      if (!told) continue
      expect(L[0], name).toBeGreaterThanOrEqual(told.L[0])
      expect(L[1], name).toBeLessThanOrEqual(told.L[1])
      expect(C[0], name).toBeGreaterThanOrEqual(told.C[0])
      expect(C[1], name).toBeLessThanOrEqual(told.C[1])
      if (told.h) expect(h, name).toEqual(told.h)
    }
    expect(
      Object.keys(wayWindows).filter((name) => !keys.some((key) => roleOf(key).name === name)),
    ).toEqual([])
  })

  it('is the best of all that are inside, by trying everything, for random small boxes', () => {
    let found = 0
    for (let n = 0; n < many(500, 60); n++) {
      const box = boxOf(2 + Math.floor(random() * 3))
      const key = pick(keys)
      const role = roleOf(key)
      const figure = { L: 15 + 70 * random(), a: 25 * random(), b: 30 * random() }
      const aim = aimOf(role, figure)
      const inside = [...everyMix(box)].flatMap((parts) => {
        const lab = labOf(opaqueReflectance(mixPaints(parts)))
        if (!isInside(role, lab)) return []
        const held = parts.map(({ paint }) => familiesOf(paint))
        const strange = role.holds.flatMap((list) =>
          list.every((family) => held.some((own) => own.has(family)))
            ? [
                held.filter(
                  (own) =>
                    !list.some((family) => own.has(family)) &&
                    !own.has('white') &&
                    !own.has('black'),
                ).length,
              ]
            : [],
        )
        if (strange.length === 0) return []
        const drops = leastPoured(parts)
        return [{ parts, drops, off: deltaE00(lab, aim) + 6 * Math.min(...strange) }]
      })
      const best = new RoleMixes(box).best(role, aim)
      expect(best === undefined, `${key} ${n}`).toBe(inside.length === 0)
      if (!best) continue
      found++
      const least = Math.min(...inside.map(({ off }) => off))
      expect(best.off).toBeLessThanOrEqual(least + 4 + 1e-6)
      const alike = inside.filter(({ off }) => off <= least + 4 - 1e-6)
      const rank = ({ parts, drops }: (typeof inside)[number]) => 100 * parts.length + drops
      const fewest = Math.min(...alike.map(rank))
      expect(100 * best.parts.length + leastPoured(best.parts)).toBeLessThanOrEqual(fewest + 1e-6)
    }
    expect(found).toBeGreaterThan(5)
  }, 120_000)

  it('is wanted inside its window, as dark as the figure where that is inside', () => {
    for (const key of keys)
      for (let n = 0; n < 30; n++) {
        const figure = { L: 100 * random(), a: 60 * random() - 20, b: 60 * random() - 20 }
        const aim = aimOf(roleOf(key), figure)
        expect(
          isInside(roleOf(key), aim),
          `${key} L ${aim.L} C ${chromaOf(aim)} h ${hueOf(aim)}`,
        ).toBe(true)
      }
    const plum = roleOf('plum')
    expect(aimOf(plum, { L: 24, a: 10, b: 12 }).L).toBeCloseTo(24, 6)
  })

  it('what a box cannot make is not made, and one bottle that would make it is', () => {
    const box = starterPaints.filter(({ id }) =>
      ['titanium-white', 'ultramarine', 'burnt-umber'].includes(id),
    )
    const plum = roleOf('plum')
    const aim = aimOf(plum, { L: 22, a: 8, b: 8 })
    expect(new RoleMixes(box).best(plum, aim)).toBeUndefined()
    const others = starterPaints.filter((paint) => !box.includes(paint))
    const makes = bottleThatMakes(plum, aim, box, others)!
    expect(isInside(plum, makes.lab)).toBe(true)
    expect(makes.parts.map(({ paint }) => paint)).toContain(makes.paint)
    expect(bottleThatMakes(plum, aim, box, [])).toBeUndefined()
    // A bottle that is told by its colour alone counts as what it looks like.
    const told = { ...starterPaints.find(({ id }) => id === 'ultramarine')!, pigments: [] }
    expect([...familiesOf(told)]).toContain('blue')
  })
})
