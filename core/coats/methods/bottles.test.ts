import { expect, it } from 'vitest'
import { starterPaints } from '../../paint/starter'
import { nearestPaints } from '../../recipe/advice/likeness'
import { methodBottles, missingBottles, withStandIns } from './bottles'
import { isStep } from './method'
import { methods } from './methods'

const paintOf = (id: string) => starterPaints.find((paint) => paint.id === id)
const six = [
  'titanium-white',
  'raw-umber',
  'red-iron-oxide',
  'arylide-yellow',
  'ultramarine',
  'pyrrole-red',
]
const box = starterPaints.filter(({ id }) => six.includes(id))

it('every method says which of its bottles are not in, and with stand-ins needs none of them', () => {
  for (const method of methods) {
    const needed = methodBottles(method)
    const missing = missingBottles(needed, box, paintOf)
    expect(missing.map(({ id }) => id)).toEqual(needed.filter((id) => !six.includes(id)))
    for (const { id, standIn } of missing)
      expect(standIn!.paint.id).toBe(nearestPaints(paintOf(id)!, box, 1)[0]!.paint.id)
    const standIns = new Map(missing.map(({ id, standIn }) => [id, standIn!.paint.id]))
    const made = withStandIns(method, standIns)
    expect(
      methodBottles(made).every((id) => six.includes(id)),
      method.key,
    ).toBe(true)
    expect(missingBottles(methodBottles(made), box, paintOf)).toEqual([])
    // Drops stay as many, whatever is put together.
    method.coats.forEach(({ mix }, i) => {
      const drops = (of: typeof mix) =>
        isStep(of) ? of : of.parts.reduce((sum, [, n]) => sum + n, 0)
      expect(drops(made.coats[i]!.mix)).toEqual(drops(mix))
    })
  }
})

it('a bottle that is known to nobody has no stand-in, and with nothing in there is none', () => {
  expect(missingBottles(['gone'], box, paintOf)).toEqual([{ id: 'gone' }])
  expect(
    missingBottles(methodBottles(methods[0]!), [], paintOf).every(({ standIn }) => !standIn),
  ).toBe(true)
})
