import { expect, it } from 'vitest'
import { many } from '../../../tests/thorough'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { normals, seeded } from '../../numbers/seeded'
import { starterPaints } from '../../paint/starter/index'
import { mixPaints } from '../../paint/mix'
import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'
import { opaqueReflectance } from '../../paint/opaque'
import { dabKeys, dabOf } from './dabs'
import type { Looked } from './dabs'
import { dropsIn } from '../../puddle/drops'
import { rightByLooking } from './rightByLooking'
import type { LookAt } from './rightByLooking'

const lookOf = (parts: readonly Part[]): Lab => labOf(opaqueReflectance(mixPaints(parts)))

/** Wells as they go wrong at a bench: drops uneven by a tenth, now and then one too many, bottles stronger or weaker. */
function wells(wanted: number, seed: number) {
  const random = seeded(seed)
  const normal = normals(random)
  const made: {
    box: Paint[]
    planned: Part<Paint>[]
    real: Part[]
    strength: Map<string, number>
  }[] = []
  while (made.length < wanted) {
    const box = starterPaints
      .map((paint) => ({ paint, at: random() }))
      .toSorted((one, other) => one.at - other.at)
      .slice(0, 8)
      .map(({ paint }) => paint)
    const strength = new Map(box.map(({ id }) => [id, Math.exp(0.22 * normal())]))
    const few = box.slice(0, 2 + Math.floor(2 * random()))
    const planned = few.map((paint) => ({ paint, drops: 1 + Math.floor(3 * random()) }))
    const drops = planned.reduce((sum, part) => sum + part.drops, 0)
    if (drops < 2 || drops > 8) continue
    const slipped = Math.floor(random() * planned.length)
    const real = planned.map(({ paint, drops: n }, i) => ({
      paint,
      drops:
        Math.max(0.1, n + (i === slipped && random() < 0.5 ? (random() < 0.5 ? -1 : 1) : 0)) *
        strength.get(paint.id)! *
        (1 + 0.1 * normal()),
    }))
    const off = deltaE00(lookOf(real), lookOf(planned))
    if (off >= 3 && off <= 12) made.push({ box, planned, real, strength })
  }
  return made
}

/** An eye that errs by 2 (root mean square in L*, a*, b* together), and answers with the dab it takes the well for. */
function answerOf(true_: Lab, aim: Lab, normal: () => number): Looked {
  const noise = () => (2 / Math.sqrt(3)) * normal()
  const seen = { L: true_.L + noise(), a: true_.a + noise(), b: true_.b + noise() }
  const shown = dabKeys.flatMap((key): { key: Looked; lab: Lab }[] => {
    const lab = dabOf(aim, key)
    return lab ? [{ key, lab }] : []
  })
  return [{ key: 'right' as Looked, lab: aim }, ...shown]
    .map(({ key, lab }) => ({ key, off: deltaE00(seen, lab) }))
    .reduce((best, one) => (one.off < best.off ? one : best)).key
}

it('wells of 2 to 8 drops that are off by 3 to 12 come near in few drops, by what an eye says of seven dabs', () => {
  const normal = normals(seeded(5))
  let drops = 0
  let near = 0
  let said = 0
  const all = wells(many(500, 12), 11)
  for (const { box, planned, real, strength } of all) {
    const aim = lookOf(planned)
    const looks: LookAt[] = []
    const well = [...real]
    let last = ''
    while (looks.length < 12 && last !== 'right' && last !== 'near') {
      looks.push({ looked: answerOf(lookOf(well), aim, normal), add: [] })
      const answer = rightByLooking({ parts: planned, aim, paints: box, looks })
      last = answer.kind
      if (answer.kind !== 'add') continue
      looks.push({ ...looks.pop()!, add: answer.add })
      for (const { paint, drops: n } of answer.add) {
        // In touches or whole drops, and a small well is never doubled by one.
        expect([0.1, 0.2, 0.4, 1, 2, 3]).toContain(n)
        expect(n).toBeLessThanOrEqual(Math.max(1, dropsIn(planned) / 2))
        drops += n
        well.push({ paint, drops: n * strength.get(paint.id)! * (1 + 0.1 * normal()) })
      }
    }
    if (deltaE00(lookOf(well), aim) <= 2) near++
    else if (last === 'near') said++
  }
  expect((near + said) / all.length).toBeGreaterThan(0.8)
  expect(near / all.length).toBeGreaterThan(0.7)
  expect(drops / all.length).toBeLessThan(3)
})

it('a well that looks too dark gets lighter paint of those at hand; one that looks right is looked at once more', () => {
  const box = starterPaints.slice(0, 8)
  const dark = [...box].sort(
    (one, other) => lookOf([{ paint: one, drops: 1 }]).L - lookOf([{ paint: other, drops: 1 }]).L,
  )
  const planned = [
    { paint: dark[0]!, drops: 1 },
    { paint: dark.at(-1)!, drops: 3 },
  ]
  const aim = lookOf(planned)
  const asked = { parts: planned, aim, paints: box }
  const answer = rightByLooking({ ...asked, looks: [{ looked: 'darker', add: [] }] })
  expect(answer.kind).toBe('add')
  if (answer.kind !== 'add') return
  expect(lookOf([...planned, ...answer.add]).L).toBeGreaterThan(aim.L)
  expect(answer.after).toBeLessThan(answer.off)
  const right = { looked: 'right', add: [] } as const
  const once: LookAt[] = [{ looked: 'darker', add: answer.add }, right]
  expect(rightByLooking({ ...asked, looks: [...once, right] }).kind).toBe('right')
  expect(['right', 'again']).toContain(rightByLooking({ ...asked, looks: once }).kind)
  expect(() => rightByLooking({ ...asked, looks: [] })).toThrow('nothing was seen')
  expect(() => rightByLooking({ ...asked, parts: [], looks: [right] })).toThrow(
    'nothing in the well',
  )
})

it('dabs lie around the aim, each its own way; a grey aim has none that is greyer', () => {
  const aim = { L: 60, a: 12, b: 18 }
  expect(dabOf(aim, 'darker')!.L).toBeLessThan(aim.L)
  expect(dabOf(aim, 'yellower')!.b).toBeGreaterThan(aim.b)
  const greyer = dabOf(aim, 'greyer')!
  expect(Math.hypot(greyer.a, greyer.b)).toBeLessThan(Math.hypot(aim.a, aim.b))
  for (const key of dabKeys) expect(deltaE00(aim, dabOf(aim, key)!)).toBeGreaterThan(2)
  expect(dabOf({ L: 60, a: 1, b: 2 }, 'greyer')).toBeUndefined()
  expect(dabOf({ L: 97, a: 0, b: 0 }, 'lighter')).toBeUndefined()
})
