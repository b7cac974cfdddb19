import { describe, expect, it } from 'vitest'
import { lowTide } from '../../../../demo/lowTide'
import { starterPaints } from '../../../paint/starter'
import { asOneBottle } from '../../../project/oneBottle'
import { recordOf } from '../../box/record'
import { parseProject } from '../parse'

const ids = new Set(starterPaints.map(({ id }) => id))
const ochre = starterPaints.find(({ id }) => id === 'yellow-ochre')!
const taught = {
  ...recordOf({ ...ochre, K: ochre.K.map((k) => 1.3 * k) }),
  id: 'my-yellow-ochre',
  name: 'my yellow ochre',
  origin: 'calibrated' as const,
}
const demo = lowTide([...ids])
const mix = (id: string, bottle: string) => ({
  id,
  figure: 'isaura',
  parts: [{ of: { bottle }, drops: 3 }],
})
const entry = {
  id: 'e1',
  at: '2026-01-01T20:00:00Z',
  who: 'Isaura',
  what: 'Base',
  parts: [{ paint: 'my-yellow-ochre', drops: 2 }],
  predicted: { L: 50, a: 10, b: 20 },
}
const old = (more: object) =>
  JSON.stringify({ ...demo, version: 4, box: [taught], log: [entry], ...more })
const read = (text: string) => {
  const parsed = parseProject(text, ids)
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues))
  return parsed.value
}

describe('what was learnt stood beside its bottle up to version 4', () => {
  it('is a layer over it where only one of both is used; mixes and readings of it are its own', () => {
    const project = read(
      old({
        palette: ['titanium-white', 'my-yellow-ochre'],
        puddles: [mix('isaura.base', 'my-yellow-ochre')],
        bottles: { 'my-yellow-ochre': { leftMl: 7 }, 'yellow-ochre': { owned: true } },
      }),
    )
    expect(project.box).toEqual([])
    expect(project.palette).toEqual(['titanium-white', 'yellow-ochre'])
    expect(project.puddles![0]!.parts).toEqual([{ of: { bottle: 'yellow-ochre' }, drops: 3 }])
    expect(project.log![0]!.parts).toEqual([{ paint: 'yellow-ochre', drops: 2 }])
    const { K, S, spread } = taught
    expect(project.bottles).toEqual({
      'yellow-ochre': { leftMl: 7, owned: true, learnt: { K, S, spread, at: '', readings: [] } },
    })
    expect({ ...project, box: 0, palette: 0, puddles: 0, log: 0, bottles: 0 }).toEqual({
      ...{ ...demo, version: 5 },
      ...{ box: 0, palette: 0, puddles: 0, log: 0, bottles: 0 },
    })
  })

  it('stays beside it where both are used, until the painter makes one bottle of them', () => {
    const project = read(
      old({
        palette: undefined,
        puddles: [mix('isaura.base', 'my-yellow-ochre'), mix('isaura.light', 'yellow-ochre')],
      }),
    )
    expect(project.box).toEqual([taught])
    expect(project.version).toBe(5)
    const one = asOneBottle(project, 'my-yellow-ochre')
    expect(one.box).toEqual([])
    expect(new Set(one.puddles!.map(({ parts }) => JSON.stringify(parts))).size).toBe(1)
    expect(one.bottles!['yellow-ochre']!.learnt!.K).toBe(taught.K)
    // A note that happens to be an id is the painter's word.
    expect(asOneBottle({ ...project, name: 'my-yellow-ochre' }, 'my-yellow-ochre').name).toBe(
      'my-yellow-ochre',
    )
  })
})
