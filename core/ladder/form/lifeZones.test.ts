import { expect, it } from 'vitest'
import { hideZones } from '../../tone/hideZones'
import { skinZones } from '../../tone/skinZones'
import { smallLadders } from '../../coats/accents/smallLadders'
import { forms } from '../../project/forms'
import type { FormKey } from '../../project/forms'
import { lifeAt, lifeZones } from './lifeZones'
import { marks } from './marks'
import { formMesh } from '../../../tests/fixtures/formMesh'

const keys = Object.keys(forms) as FormKey[]
const meshes = new Map(
  await Promise.all(keys.map(async (key) => [key, await formMesh(key)] as const)),
)
/** Heads that are made from one face. */
const heads = Object.keys(marks) as (keyof typeof marks)[]
const zoneOf = (form: FormKey, key: string) => lifeZones[form].find((one) => one.key === key)!
const weights = (form: FormKey, key: string) =>
  lifeAt(zoneOf(form, key), meshes.get(form)!.positions)
/** The mean place of what lies in a zone, weighed. */
function middle(form: FormKey, key: string): [number, number, number] {
  const { positions } = meshes.get(form)!
  const sum: [number, number, number] = [0, 0, 0]
  let all = 0
  weights(form, key).forEach((weight, p) => {
    all += weight
    for (const c of [0, 1, 2] as const) sum[c] += weight * positions[3 * p + c]!
  })
  return sum.map((v) => v / all) as [number, number, number]
}

it('every place is one that skin, hide or small parts have, and lies on its form, on a part of it', () => {
  const known = new Set(
    [...skinZones, ...hideZones, ...smallLadders].map(({ key }) => key).concat('iris'),
  )
  for (const form of keys)
    for (const { key } of lifeZones[form]) {
      expect(known, `${form} ${key}`).toContain(key)
      // A vein or an eye is small; points of a coarse mesh are about a thirtieth apart.
      const on = weights(form, key)
      const share = on.reduce((sum, weight) => sum + weight, 0) / on.length
      expect(share, `${form} ${key}`).toBeGreaterThan(0.0001)
      expect(share, `${form} ${key}`).toBeLessThan(0.3)
    }
})

it('on a head they lie as on a head', () => {
  for (const form of heads) {
    const y = (key: string): number => middle(form, key)[1]
    const order = ['neck', 'jaw', 'lower-lip', 'upper-lip', 'nose', 'eye', 'forehead', 'hairline']
    order
      .slice(1)
      .forEach((key, i) => expect(y(key), `${form} ${key}`).toBeGreaterThan(y(order[i]!)))
    // Both sides alike, but for the scar; a vein is few points.
    for (const { key } of lifeZones[form])
      expect(Math.abs(middle(form, key)[0]) < 0.1, `${form} ${key}`).toBe(key !== 'scar')
    // The nose is foremost, ears are outermost.
    for (const key of order)
      expect(middle(form, 'nose')[2]).toBeGreaterThanOrEqual(middle(form, key)[2])
    const { positions } = meshes.get(form)!
    const ears = [...weights(form, 'ear')].flatMap((weight, p) =>
      weight > 0.9 ? [Math.abs(positions[3 * p]!)] : [],
    )
    expect(Math.min(...ears), form).toBeGreaterThan(0.22)
  }
  expect(lifeZones.tusked.some(({ key }) => key === 'teeth')).toBe(true)
  expect(lifeZones.head.some(({ key }) => key === 'teeth')).toBe(false)
})

it('upper and lower lip do not share a point, and the iris lies in the eye', () => {
  for (const form of heads) {
    const [upper, lower] = [weights(form, 'upper-lip'), weights(form, 'lower-lip')]
    const shared = Math.max(...upper.map((weight, p) => Math.min(weight, lower[p]!)))
    expect(shared, form).toBeLessThan(0.5)
    const [eye, iris] = [weights(form, 'eye'), weights(form, 'iris')]
    expect(Math.min(...eye.filter((_, p) => iris[p]! > 0.9)), form).toBeGreaterThan(0.3)
  }
})
