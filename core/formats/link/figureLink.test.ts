import fc from 'fast-check'
import { deflateRawSync, inflateRawSync } from 'node:zlib'
import { describe, expect, it } from 'vitest'
import { lowTide } from '../../../demo/lowTide'
import { many } from '../../../tests/thorough'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { starterPaints } from '../../paint/starter'
import { VERSION } from '../../project/commission'
import type { Project } from '../../project/commission'
import { takeGiven } from '../../project/takeGiven'
import type { StepKey } from '../../project/steps'
import type { PuddlePart } from '../../puddle/puddle'
import { fragmentOf } from './fragment'
import { figureLink, readFigureLink } from './figureLink'
import { KNOWN_WORDS } from './knownWords'
import { likeBottles, paintOfTold } from './matchBottle'

const bottle = (id: string, drops: number): PuddlePart => ({ of: { bottle: id }, drops })
/** A bottle that nobody else has: a maroon filled from two, with an id as the application makes them. */
const OWN = '6f1c8c1e-5a0b-4b3e-9d5e-2f5b8f0a7c11'
const maroon: Paint = {
  ...mixPaints([
    { paint: starterPaints.find(({ id }) => id === 'quinacridone-magenta')!, drops: 2 },
    { paint: starterPaints.find(({ id }) => id === 'burnt-umber')!, drops: 3 },
  ]),
  ...{ id: OWN, name: 'wine', pigments: ['PV19', 'PBr7'], hazards: [] },
  ...{ opacity: 'semi-opaque', origin: 'calibrated' },
}
const paintOf = (id: string): Paint => [...starterPaints, maroon].find((one) => one.id === id)!

const project: Project = lowTide(starterPaints.map(({ id }) => id))
const first = project.figures[0]!
const at = (n: number): string => `0b0e7a52-11aa-4c1d-8f0e-00000000000${n}`
const kinds = ['base', 'layer', 'layer', 'layer', 'wash', 'glaze', 'glaze', 'filter', 'varnish']
const painted: Project = {
  ...project,
  puddles: [
    {
      id: at(1),
      name: 'plum',
      figure: first.id,
      parts: [bottle(OWN, 3), bottle('ultramarine', 1)],
    },
    { id: at(2), letDown: true, parts: [bottle('phthalo-green', 1), bottle('titanium-white', 9)] },
    {
      id: at(3),
      name: 'green for all',
      parts: [{ of: { puddle: at(2) }, drops: 2 }, bottle('yellow-ochre', 4)],
    },
  ],
  figures: [
    {
      ...first,
      stack: {
        under: {
          kind: 'sketch',
          dark: { bottle: 'carbon-black' },
          light: { bottle: 'titanium-white' },
          strength: 0.85,
          elevation: 60,
        },
        coats: kinds.map((kind, n) => ({
          id: at(n),
          kind: kind as 'base',
          of: n % 3 === 0 ? { puddle: `${first.id}.base` } : { puddle: at(n % 3 === 1 ? 1 : 3) },
        })),
      },
    },
    ...project.figures.slice(1),
  ],
}
const steps = ['crevice', 'shade', 'half-shade', 'base', 'half-light', 'light', 'glint'] as const
const made = new Map<StepKey, PuddlePart[]>(
  steps.map((key, n) => [
    key,
    key === 'half-light'
      ? [{ of: { puddle: `${first.id}.base` }, drops: 3 }, bottle('titanium-white', 1)]
      : [bottle(OWN, 1 + n), bottle('yellow-ochre', 4), bottle('titanium-white', 2 + n)],
  ]),
)
const link = figureLink(painted, first.id, made, paintOf)
const opened = (fragment: string) => {
  const read = readFigureLink(fragment)
  if (!read.ok)
    throw new Error(read.issues.map(({ place, message }) => `${place} ${message}`).join())
  return read.value
}

/** A link that was made when links were first made. */
const WRITTEN_ONCE =
  '1hZXBDYAgDEVXcQIPKsYRHEQn8Gjc3QeYUijIjQTyC_zfvppr-8nIGeDPwRRKDkpgBRgWMG6hkHAkAkP1lyG7mzTb59XSfcvw7uVJOFu34l_iI0WFmyPaACrIgKKLyRjXPFdTCsnPPS-u8xR-rrCraVNGsPTd3NgcLdjX8iZGq1O_bXQtLL-VaafQX88L'

describe('a figure in a link', () => {
  it('takes two thousand letters at most, all of which an address may hold', () => {
    for (const { id } of painted.figures)
      expect(figureLink(painted, id, made, paintOf).length, id).toBeLessThanOrEqual(2000)
    // Unreserved characters (RFC 3986, section 2.3).
    expect(link).toMatch(/^[\w.~-]+$/)
    expect(() => figureLink(painted, 'nobody', made, paintOf)).toThrow('no figure "nobody"')
  })

  it('comes back with its ladder, puddles, coats, and what is told of a bottle nobody else has', () => {
    const { figure, puddles, bottles } = opened(`#${link}`)
    expect(figure).toMatchObject({ name: first.name, kind: first.kind, size: first.size })
    expect(figure.stack!.coats.map(({ kind }) => kind)).toEqual(kinds)
    expect(puddles.filter(({ id }) => id.startsWith('f.')).length).toBe(7)
    const names = puddles.flatMap(({ name }) => name ?? []).sort()
    expect(names).toEqual(['green for all', 'plum'])
    const plum = puddles.find(({ name }) => name === 'plum')!
    expect(plum.parts).toEqual([bottle(OWN, 3), bottle('ultramarine', 1)])
    expect(bottles.map(({ id, name }) => [id, name])).toEqual([[OWN, 'wine']])
    // Nothing of the sender's ids but the bottle's, and nothing that stays at home.
    expect(JSON.stringify([figure, puddles.filter(({ letDown }) => !letDown)])).not.toContain(
      '0b0e7a52-11aa-4c1d-8f0e-000000000001',
    )
    expect(figure.bench).toBeUndefined()
  })

  it('is unpacked by another library from the same words', () => {
    const packed = Buffer.from(link.slice(1), 'base64url')
    const data = JSON.parse(
      inflateRawSync(packed, { dictionary: Buffer.from(KNOWN_WORDS) }).toString(),
    ) as { f: { name: string } }
    expect(data.f.name).toBe(first.name)
    const again = deflateRawSync(JSON.stringify(data), { dictionary: Buffer.from(KNOWN_WORDS) })
    expect(opened(`1${again.toString('base64url')}`)).toEqual(opened(link))
  })

  it('opens as it was made once: the way links are written does not change', () => {
    const { figure, puddles } = opened(WRITTEN_ONCE)
    expect([figure.name, puddles.length]).toEqual(['Heron warden', 2])
  })

  it('is taken with ids of its own, from bottles that stand for its own', () => {
    const given = opened(link)
    let n = 0
    const newId = () => `new${++n}`
    const { figure, puddles } = takeGiven(
      given,
      [],
      (id) => (id === OWN ? 'burnt-umber' : id),
      newId,
    )
    const all = JSON.stringify([figure, puddles])
    expect(all).not.toContain(OWN)
    expect(all).not.toMatch(/"f[".]/)
    const base = puddles.find(({ id }) => id === `${figure.id}.base`)!
    expect(base.parts).toEqual([
      bottle('burnt-umber', 4),
      bottle('yellow-ochre', 4),
      bottle('titanium-white', 5),
    ])
    // A second time, the let-down is the one that is there.
    const second = takeGiven(given, puddles, (id) => id, newId)
    expect(second.puddles.filter(({ letDown }) => letDown)).toEqual([])
    // Two bottles for which one stands are one part.
    const one = takeGiven(given, [], (id) => (id === OWN ? 'titanium-white' : id), newId)
    const glint = one.puddles.find(({ id }) => id.endsWith('.glint'))!
    expect(glint.parts).toEqual([bottle('titanium-white', 15), bottle('yellow-ochre', 4)])
  })
})

it('a bottle that is told by its colour and label mixes like itself, and is found among one’s own', () => {
  const [wine] = opened(link).bottles
  const there = paintOfTold(wine!, 'here')
  for (const white of [1, 3, 9]) {
    const look = (paint: Paint) =>
      labOf(
        opaqueReflectance(
          mixPaints([
            { paint, drops: 1 },
            { paint: paintOf('yellow-ochre'), drops: 2 },
            { paint: paintOf('titanium-white'), drops: white },
          ]),
        ),
      )
    expect(deltaE00(look(there), look(maroon)), `${white} of white`).toBeLessThan(3)
  }
  expect(likeBottles(wine!, [...starterPaints, maroon])[0]).toMatchObject({ id: OWN })
  expect(likeBottles(wine!, [...starterPaints, maroon])[0]!.off).toBeLessThan(0.2)
})

describe('a link that was damaged or made to harm', () => {
  const said = (fragment: string): string => {
    const read = readFigureLink(fragment)
    return read.ok ? '' : read.issues.map(({ place, message }) => `${place} ${message}`).join('; ')
  }
  it('is refused in words', () => {
    expect(said('')).toContain('its end is missing')
    expect(said('2abc')).toContain('another version')
    expect(said('1****')).toContain('not whole')
    expect(said(link.slice(0, -9))).toContain('not whole')
    expect(said(`1${'A'.repeat(50_000)}`)).toContain('40000 letters')
    expect(said(fragmentOf('a'.repeat(5_000_000)))).toContain('not whole')
    expect(said(fragmentOf({ v: VERSION + 1, f: { id: 'f' }, p: [], b: [] }))).toContain('version')
    expect(said(fragmentOf({ v: VERSION, f: { id: 'x' }, p: [], b: [] }))).toContain('no figure')
  })

  it('never throws, whatever is changed in it: ten thousand fragments', () => {
    const letters = 'ABCDEFabcdef0123456789-_.#%é\u0000'
    const bent = fc.tuple(fc.nat(link.length - 1), fc.nat(3), fc.constantFrom(...letters))
    const changed = fc
      .array(bent, { minLength: 1, maxLength: 4 })
      .map((all) =>
        all.reduce(
          (text, [place, many, letter]) => text.slice(0, place) + letter + text.slice(place + many),
          link,
        ),
      )
    const values = fc.anything({ withNullPrototype: true, maxDepth: 3 }).filter((one) => {
      try {
        return JSON.stringify(one) !== undefined
      } catch {
        return false
      }
    })
    const whole = { ...opened(link) }
    const shapes = fc.record(
      {
        v: fc.oneof(fc.constant(VERSION), fc.integer({ min: -1, max: 9 })),
        f: fc.oneof(fc.constant({ ...whole.figure }), values),
        p: fc.oneof(fc.constant(whole.puddles), fc.array(values, { maxLength: 3 })),
        b: fc.oneof(fc.constant(whole.bottles), fc.array(values, { maxLength: 3 })),
      },
      { requiredKeys: [] },
    )
    const fragments = fc.oneof(
      changed,
      fc.string({ maxLength: 300 }),
      values.map(fragmentOf),
      shapes.map(fragmentOf),
    )
    fc.assert(
      fc.property(fragments, (fragment) => {
        const read = readFigureLink(fragment)
        if (!read.ok)
          for (const { place, message } of read.issues) {
            const words = `${place}: ${message}`
            if (words.length < 5 || words.length > 405) throw new Error(`said: ${words}`)
          }
        return true
      }),
      { numRuns: many(10_000, 1500), seed: 49 },
    )
  }, 120_000)
})
