import { expect, it } from 'vitest'
import { starterPaints } from '../../paint/starter'
import { nearestPaints } from '../../recipe/advice/likeness'
import { missingBottles, partsWithStandIns } from './bottles'

const paintOf = (id: string) => starterPaints.find((paint) => paint.id === id)
const six = ['titanium-white', 'raw-umber', 'red-iron-oxide', 'arylide-yellow', 'ultramarine']
const box = starterPaints.filter(({ id }) => six.includes(id))
const part = (bottle: string, drops: number) => ({ of: { bottle }, drops })

it('what is not in is named with the nearest that is; drops of one bottle are put together', () => {
  const missing = missingBottles(['yellow-ochre', 'ultramarine', 'gone'], box, paintOf)
  expect(missing.map(({ id }) => id)).toEqual(['yellow-ochre', 'gone'])
  expect(missing[0]!.standIn!.paint.id).toBe(
    nearestPaints(paintOf('yellow-ochre')!, box, 1)[0]!.paint.id,
  )
  expect(missing[1]).toEqual({ id: 'gone' })
  expect(missingBottles(['yellow-ochre'], [], paintOf)[0]!.standIn).toBeUndefined()
  const parts = [
    part('yellow-ochre', 2),
    { of: { puddle: 'flesh' }, drops: 1 },
    part('raw-umber', 3),
  ]
  expect(partsWithStandIns(parts, new Map([['yellow-ochre', 'raw-umber']]))).toEqual([
    part('raw-umber', 5),
    { of: { puddle: 'flesh' }, drops: 1 },
  ])
})
