import { usualKey } from '../project/keyLight'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { forms } from '../project/forms'
import type { FormKey } from '../project/forms'
import { keyVector } from '../ladder/form/lightLevel'
import { formSamples } from '../ladder/form/samples'
import { sharesFor } from '../ladder/form/shares'
import {
  EVERYWHERE,
  isEverywhere,
  liesAt,
  lightPlaces,
  reliefPlaces,
  sides,
} from '../project/place'
import type { Place, Where } from '../project/place'
import { lightOfStep, lightParts, shareOfPlace, spotOf, spotShares } from './spots'

const keys = Object.keys(forms) as FormKey[]
const parts = lightParts(60, 3, 3)
const shares = new Map(keys.map((key) => [key, spotShares(parts, formSamples(key))]))
const of = (key: FormKey, ...place: Where[]): number => shareOfPlace(place, shares.get(key)!)

describe('where paint goes', () => {
  const where = fc.record(
    {
      relief: fc.subarray([...reliefPlaces], { minLength: 1 }),
      light: fc.subarray([...lightPlaces], { minLength: 1 }),
      side: fc.constantFrom(...sides),
      down: fc.boolean(),
    },
    { requiredKeys: [] },
  )
  const spot = fc.record({
    relief: fc.constantFrom(...reliefPlaces),
    light: fc.constantFrom(...lightPlaces),
    side: fc.constantFrom(...sides),
    down: fc.boolean(),
    zone: fc.constantFrom('nose', 'lower-lip', undefined),
  })

  it('all of one holds, or any of several; what is not named may be anything', () => {
    fc.assert(
      fc.property(fc.array(where, { minLength: 1, maxLength: 3 }), spot, (place, at) => {
        const any = place.some((one) => liesAt([one], at))
        expect(liesAt(place, at)).toBe(any)
        for (const one of place) {
          const each = Object.entries(one).every(([key, value]) => liesAt([{ [key]: value }], at))
          expect(liesAt([one], at)).toBe(each)
        }
        expect(liesAt(EVERYWHERE, at)).toBe(true)
        expect(liesAt([{ but: ['nose'] }], at)).toBe(at.zone !== 'nose')
        expect(liesAt([{ zones: ['nose'] }], at)).toBe(at.zone === 'nose')
      }),
    )
    for (const place of [EVERYWHERE, [{ light: [] }], [{ side: 'left' }, {}]] as Place[])
      expect(isEverywhere(place)).toBe(true)
    expect(isEverywhere([{ but: ['nose'] }])).toBe(false)
  })

  it.each(keys)('shares of the %s add up, however places are put together', (key) => {
    const lights = lightPlaces.map((light) => of(key, { light: [light] }))
    expect(lights.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 6)
    expect(reliefPlaces.reduce((sum, one) => sum + of(key, { relief: [one] }), 0)).toBeCloseTo(1, 6)
    expect(of(key, { side: 'left' }) + of(key, { side: 'right' })).toBeCloseTo(1, 6)
    expect(of(key, { down: true }) + of(key, { down: false })).toBeCloseTo(1, 6)
    fc.assert(
      fc.property(where, where, (one, other) => {
        // What lies in either is both together without what lies in both.
        const both = shares
          .get(key)!
          .spots.reduce(
            (sum, { spot: at, share }) =>
              sum + (liesAt([one], at) && liesAt([other], at) ? share : 0),
            0,
          )
        expect(of(key, one, other)).toBeCloseTo(of(key, one) + of(key, other) - both, 6)
      }),
      { numRuns: 40 },
    )
    // The ladder's own shares are those of its places of light.
    const steps = sharesFor({ baseL: 60, below: 3, above: 3, form: formSamples(key) })
    for (const light of lightPlaces)
      expect(of(key, { light: [light] })).toBeCloseTo(
        steps.reduce((sum, share, i) => sum + (lightOfStep(i, parts) === light ? share : 0), 0),
        5,
      )
  })

  it('what faces down, what is deepest and the sides lie where the geometry says', () => {
    // A ball seen from the front: normals (x, y, √(1 − x² − y²)) over the disc. What falls by more than 0.35 is the
    // segment of the disc below y = −0.35: (arccos h − h √(1 − h²)) / π of it.
    const h = 0.35
    const segment = (Math.acos(h) - h * Math.sqrt(1 - h * h)) / Math.PI
    const ball: number[] = []
    for (let i = 0; i < 200; i++)
      for (let j = 0; j < 200; j++) {
        const [x, y] = [(i + 0.5) / 100 - 1, (j + 0.5) / 100 - 1]
        if (x * x + y * y < 1) ball.push(x, y, Math.sqrt(1 - x * x - y * y))
      }
    const many = ball.length / 3
    const sphere = {
      normals: Float32Array.from(ball),
      occlusion: new Float32Array(many).map((_, p) => (ball[3 * p]! > 0.5 ? 0.7 : 0)),
      areas: new Float32Array(many).fill(1),
    }
    const found = spotShares(parts, sphere)
    expect(shareOfPlace([{ down: true }], found)).toBeCloseTo(segment, 2)
    expect(shareOfPlace([{ side: 'left' }], found)).toBeCloseTo(0.5, 2)
    // What was covered is what lies right of x = 0.5: another segment.
    const right = (Math.acos(0.5) - 0.5 * Math.sqrt(0.75)) / Math.PI
    expect(shareOfPlace([{ relief: ['deepest'] }], found)).toBeCloseTo(right, 2)
    // On the head: under the chin faces down, the brow does not; under a key from above it is in shadow.
    const key = keyVector(usualKey)
    const at = (nx: number, ny: number, nz: number, occlusion = 0, curvature = 0) =>
      spotOf({ nx, ny, nz, occlusion, curvature }, parts, key)
    expect(at(0, -0.9, 0.3)).toMatchObject({ down: true, light: 'deep-shadow', relief: 'flat' })
    expect(at(-0.3, 0.6, 0.7)).toMatchObject({ down: false, side: 'left' })
    expect(['light', 'glint']).toContain(at(-0.4, 0.7, 0.6).light)
    expect(at(0, 0, 1, 0, 9).relief).toBe('ridge')
  })

  it('T20: a hollow that faces up takes no deep shadow, one that faces down does', () => {
    const key = keyVector(usualKey)
    const hollow = { nx: 0.5, nz: 0.4, occlusion: 0.95, curvature: -6 }
    expect(spotOf({ ...hollow, ny: 0.75 }, parts, key).light).not.toBe('deep-shadow')
    expect(spotOf({ ...hollow, ny: -0.75 }, parts, key).light).toBe('deep-shadow')
  })

  it('a place of life takes its own part of where it lies, and counts once', () => {
    const lip: Place = [{ zones: ['lower-lip'] }]
    const all = shares.get('head')!
    expect(shareOfPlace(lip, all)).toBeCloseTo(0.03, 6)
    expect(shareOfPlace([{ zones: ['lower-lip', 'nose'] }], all)).toBeCloseTo(0.06, 6)
    expect(shareOfPlace([{ zones: ['lower-lip'], side: 'left' }], all)).toBeLessThan(0.03)
    expect(shareOfPlace([...lip, {}], all)).toBeCloseTo(1, 6)
  })
})

it('steps of any ladder part the light: all five places from five steps on, three of them from three', () => {
  const placesOf = (below: number, above: number): string[] =>
    Array.from({ length: below + above + 1 }, (_, step) => lightOfStep(step, { below, above }))
  expect(placesOf(1, 1)).toEqual(['shadow', 'middle', 'light'])
  expect(placesOf(2, 2)).toEqual(['deep-shadow', 'shadow', 'middle', 'light', 'glint'])
  expect(placesOf(4, 2)).toEqual([
    'deep-shadow',
    'deep-shadow',
    'shadow',
    'shadow',
    'middle',
    'light',
    'glint',
  ])
  // Every ladder goes from shadow to light and never back.
  for (let below = 1; below <= 5; below++)
    for (let above = 1; above <= 5; above++) {
      const order = placesOf(below, above).map((place) => lightPlaces.indexOf(place as never))
      expect(order).toEqual([...order].sort((one, other) => one - other))
      expect(order.filter((at) => lightPlaces[at] === 'middle')).toHaveLength(1)
    }
})
