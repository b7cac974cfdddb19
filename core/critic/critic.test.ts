import { expect, it } from 'vitest'
import { converter } from 'culori'
import { mixPaints } from '../paint/mix'
import { opaqueReflectance } from '../paint/opaque'
import { starterPaints } from '../paint/starter'
import { labOf, xyzOf } from '../colour/lab'
import { deltaE00 } from '../colour/deltaE00'
import { adapt } from '../colour/bradford'
import { labOfXyz } from '../colour/lab'
import { whitePoint } from '../colour/white'
import { seeded } from '../numbers/seeded'
import { critique } from './critique'
import { fromAfar } from './fromAfar'
import { lampOf, photographedAs } from './lamp'
import { mendSkin } from './mendSkin'
import { towards } from './nameFault'
import { ranksOf } from './paintedSkin'
import type { PaintedStep } from './paintedSkin'
import { readPaintedSkin, RANKS, withoutRim } from './skinReading'

const of = (id: string) => starterPaints.find((paint) => paint.id === id)!
const mixture = (white: number) =>
  mixPaints([
    { paint: of('burnt-sienna'), drops: 4 },
    { paint: of('burnt-umber'), drops: Math.max(0, 3 - white) },
    { paint: of('titanium-white'), drops: white },
  ])
const keys = ['crevice', 'shade', 'half-shade', 'base', 'half-light', 'light', 'glint'] as const
const puddles = keys.map((key, i) => {
  const made = mixture([0, 0.3, 0.8, 2, 5, 10, 24][i]!)
  return {
    key,
    mixture: made,
    reflectance: opaqueReflectance(made),
    share: [0.05, 0.12, 0.2, 0.33, 0.17, 0.09, 0.04][i]!,
  }
})
const seen: PaintedStep[] = puddles.map(({ key, reflectance, share }) => ({
  key,
  lab: labOf(reflectance),
  share,
}))
const clear = { uneven: 0.02, gain: 0, soft: 0, veil: 0 }

/** Bytes of a colour by culori, an independent library. */
const toRgb = converter('rgb')
const bytes = ({ L, a, b }: { L: number; a: number; b: number }): number[] => {
  const { r, g, b: blue } = toRgb({ mode: 'lab65', l: L, a, b })
  return [r, g, blue].map((v) => Math.round(255 * Math.min(1, Math.max(0, v))))
}
/** A picture of the steps in bands by their shares, a grey card of Y 18 at its left. */
function banded(steps: readonly PaintedStep[], side = 90) {
  const pixels = new Uint8ClampedArray(4 * side * side)
  const mask = new Uint8Array(side * side)
  const ends = steps.map((_, i) => steps.slice(0, i + 1).reduce((sum, { share }) => sum + share, 0))
  for (let i = 0; i < side * side; i++) {
    const [x, y] = [i % side, Math.floor(i / side)]
    const skin = x >= 12
    const at = Math.max(
      0,
      ends.findIndex((end) => (y + 0.5) / side < end),
    )
    const lab = skin ? steps[at]!.lab : { L: 49.496, a: 0, b: 0 }
    pixels.set([...bytes(lab), 255], 4 * i)
    mask[i] = skin ? 1 : 0
  }
  return { picture: { width: side, height: side, pixels }, mask }
}
const neutral = { x: 5, y: 45, is: 'card' } as const

it('the lamp of a neutral is the nearest black body: CIE illuminant A is one of 2856 K (CIE 15)', () => {
  const lamp = lampOf(whitePoint('A'))
  for (const paint of starterPaints.slice(0, 14)) {
    const reflectance = opaqueReflectance(mixPaints([{ paint, drops: 1 }]))
    // The same by the tables of CIE illuminant A and linear Bradford.
    const byTables = labOfXyz(
      adapt(xyzOf(reflectance, { illuminant: 'A' }), whitePoint('A'), whitePoint()),
      whitePoint(),
    )
    expect(deltaE00(photographedAs(reflectance, lamp), byTables), paint.id).toBeLessThan(1.2)
    expect(
      deltaE00(photographedAs(reflectance, lampOf(whitePoint())), labOf(reflectance)),
    ).toBeLessThan(0.6)
  }
})

it('ranks keep the mean of all that is shared out, whatever the shares', () => {
  const random = seeded(4)
  for (let n = 0; n < 20; n++) {
    const steps = seen.map((step) => ({ ...step, share: random() }))
    const whole = steps.reduce((sum, { share }) => sum + share, 0)
    const ranks = ranksOf(steps, { ...clear, uneven: 0 })
    for (const [c, axis] of (['L', 'a', 'b'] as const).entries()) {
      const mean = steps.reduce((sum, { lab, share }) => sum + (share / whole) * lab[axis], 0)
      let sum = 0
      for (let r = 0; r < RANKS; r++) sum += ranks[3 * r + c]! / RANKS
      expect(sum).toBeCloseTo(mean, 6)
    }
    for (let r = 1; r < RANKS; r++) expect(ranks[3 * r]! - ranks[3 * r - 3]!).toBeGreaterThan(-1e-9)
  }
})

it('a photograph that culori made of the plan is read as the plan, and nothing is wrong with it', () => {
  const { picture, mask } = banded(seen)
  const reading = readPaintedSkin(picture, { mask, neutral })
  expect(reading.exposed).toBe(true)
  expect(reading.lost).toBe(0)
  expect(reading.ranks[0]!.L).toBeCloseTo(seen[0]!.lab.L, 0)
  expect(reading.ranks.at(-1)!.L).toBeCloseTo(seen.at(-1)!.lab.L, 0)
  const { off, faults } = critique(puddles, reading)
  expect(off).toBeLessThan(1)
  expect(faults).toEqual([])
})

it('exposure is told by the neutral; with a grey nobody knows only differences count', () => {
  const darker = seen.map((step) => ({ ...step, lab: { ...step.lab, L: step.lab.L - 9 } }))
  const { picture, mask } = banded(darker)
  const said = critique(puddles, readPaintedSkin(picture, { mask, neutral })).faults[0]
  expect(said?.fault).toMatchObject({ key: 'too dark', part: 'all' })
  const unknown = readPaintedSkin(picture, { mask, neutral: { ...neutral, is: 'other' } })
  expect(unknown.exposed).toBe(false)
  expect(critique(puddles, unknown).faults.map(({ fault }) => fault.key)).not.toContain('too dark')
})

it('a mend of a wrong colour is the puddle that should lie there, and ends where it says', () => {
  const wrong = seen.map((step, i) =>
    i === 2 ? { ...step, lab: { L: step.lab.L + 1, a: -6, b: 14 } } : step,
  )
  const { picture, mask } = banded(wrong)
  const { faults, planned } = critique(puddles, readPaintedSkin(picture, { mask, neutral }))
  expect(faults[0]!.fault).toEqual({ key: 'wrong colour', part: 'half-shade' })
  const [move] = mendSkin(puddles, planned, faults[0]!, new Map())
  expect(move).toMatchObject({ of: { step: 'half-shade' }, kind: 'layer', over: ['half-shade'] })
  expect(move!.after).toBeLessThan(1.5)
  expect(move!.before).toBeGreaterThan(8)
})

it('what cannot be read is said: too little skin, burnt skin; the rim is left out', () => {
  const { picture, mask } = banded(seen)
  const few = mask.map((_, i) => (i < 40 ? 1 : 0))
  expect(() => readPaintedSkin(picture, { mask: few, neutral })).toThrow('200 at least')
  const burnt = {
    ...picture,
    pixels: picture.pixels.map((v, i) => (Math.floor(i / 4) % 90 < 12 ? v : 255)),
  }
  expect(() => readPaintedSkin(burnt, { mask, neutral })).toThrow(
    '100% of the chosen skin is burnt',
  )
  const inner = withoutRim(mask, 90)
  expect(inner[45 * 90 + 12]).toBe(0)
  expect(inner[45 * 90 + 13]).toBe(1)
})

it('directions are those of the hue circle of CIELAB', () => {
  expect(
    [0, 60, 90, 180, 270, 320]
      .map((h) => (h * Math.PI) / 180)
      .map((h) => towards(10 * Math.cos(h), 10 * Math.sin(h))),
  ).toEqual(['red', 'orange', 'yellow', 'green', 'blue', 'violet'])
})

it('from afar fewer steps are left, none is lost, and a small figure loses more', () => {
  const [hand, table, shelf] = fromAfar(seen, 54)
  expect(hand!.groups.length).toBeGreaterThanOrEqual(table!.groups.length)
  expect(table!.groups.length).toBeGreaterThan(shelf!.groups.length)
  for (const { groups, wanted } of [hand!, table!, shelf!]) {
    expect(groups.flatMap(({ keys }) => keys)).toEqual(keys)
    expect(groups.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9)
    groups
      .slice(1)
      .forEach(({ lab }, i) => expect(deltaE00(lab, groups[i]!.lab)).toBeGreaterThanOrEqual(wanted))
  }
  const left = (sizeMm: number) => fromAfar(seen, sizeMm)[1]!.groups.length
  expect(left(200)).toBeGreaterThanOrEqual(left(28))
  // One patch of another hue is what is seen first, if it is not tiny.
  const odd = seen.map((step, i) => (i === 1 ? { ...step, lab: { L: 45, a: -30, b: 20 } } : step))
  expect(fromAfar(odd, 54)[1]!.groups[fromAfar(odd, 54)[1]!.first]!.keys).toContain('shade')
})
