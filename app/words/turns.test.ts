import { expect, it } from 'vitest'
import { clockWords, forWords, howLaid, layTitle, laySpoken, mixSpoken, waitWords } from './turns'

const nameOf = () => 'titanium white'
const well = {
  of: { puddle: 'mei.base' },
  parts: [{ of: { bottle: 'titanium-white' }, drops: 3 }],
  given: { drops: [2.5], times: 1, total: 2.5 },
  painted: 2,
  poured: [],
  kept: 0,
  left: 0.5,
} as unknown as Parameters<typeof mixSpoken>[0]

it('a turn is told as one reads it, and as it is read aloud', () => {
  const coat = { kind: 'glaze', thinner: 6, passes: 2, place: [{}], parts: [] } as const
  const move = { of: { kind: 'coat', coat: 'a' }, words: 'Glaze of plum all over' } as const
  expect(layTitle(move, coat, 'plum')).toBe('Glaze of plum')
  expect(
    layTitle({ of: { kind: 'undercoat' }, words: 'Black, all over' }, undefined, 'black'),
  ).toBe('Black, all over')
  expect(howLaid(move, coat)).toBe('thinned 6 : 1 with water, 2 thin passes')
  expect(howLaid(move, { ...coat, kind: 'varnish', finish: 'gloss', passes: 1 })).toBe(
    'gloss varnish as it comes, one thin pass',
  )
  expect(laySpoken('Mei', 'Glaze of plum', 'thinned 6 : 1', 'on the cheeks')).toBe(
    'Mei. Glaze of plum. thinned 6 to 1. on the cheeks',
  )
  expect(mixSpoken(well, nameOf, ['Mei, apprentice', 'Old Bram'])).toBe(
    'Mix titanium white. 2 and a half titanium white. for Mei and Old Bram',
  )
  expect(forWords([])).toBe('')
})

it('one that waits says why', () => {
  const wait = { leftMs: 0, next: 'Wash of brown', atHand: false }
  expect(waitWords({ ...wait, leftMs: 6 * 60_000 })).toBe(
    'It dries: 6 min to go. Then: Wash of brown.',
  )
  expect(waitWords({ ...wait, atHand: true, leftMs: 9e5 })).toBe('At hand now: Wash of brown.')
  expect(waitWords({ ...wait, after: 'Mei: Base coat' })).toBe(
    'It is dry, and waits for the brush: “Mei: Base coat” comes first. Then: Wash of brown.',
  )
  expect(waitWords({ leftMs: 9e5, atHand: false })).toBe('All its moves are done.')
  expect([clockWords(0), clockWords(59_001), clockWords(61_000)]).toEqual(['0:00', '1:00', '1:01'])
})
