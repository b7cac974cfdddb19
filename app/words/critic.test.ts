import { expect, it } from 'vitest'
import type { NamedFault } from '../../core'
import { afarWords, skinMoveWords, skinFaultWords } from './critic'

it('a fault is said as a painter would, with its number and its place', () => {
  const said: [NamedFault, RegExp][] = [
    [{ key: 'flat', part: 'all', times: 0.46 }, /^Too flat: .* 46% /],
    [{ key: 'flat', part: 'shadows', times: 0.6 }, /^Shadows go only 60% /],
    [{ key: 'hard', part: 'lights', times: 1.4 }, /^Lights go too far .* 140% /],
    [{ key: 'too dark', part: 'all', L: -9 }, /^All of it is too dark by 9 /],
    [{ key: 'chalky', part: 'lights', times: 0.42 }, /^Chalky in the lights: 42% /],
    [{ key: 'grey', part: 'half-shade', times: 0.3 }, /^Dead grey in Half-shade: 30% /],
    [{ key: 'tinted', part: 'all', toward: 'yellow', by: 7 }, /^Too yellow all over, by 7/],
    [{ key: 'lights large', part: 'lights', share: 0.56, planned: 0.48 }, /56% .* 48% .*too large/],
    [{ key: 'stranded', part: 'lights', step: 'half-light' }, /Half-light is missing/],
    [{ key: 'hard edge', part: 'shadows', step: 'half-shade' }, /end hard: Half-shade/],
    [{ key: 'wrong colour', part: 'shade' }, /^Shade is another colour/],
  ]
  for (const [fault, words] of said) expect(skinFaultWords(fault)).toMatch(words)
})

it('a mend says how thin, how often and where; an edge says how much of the skin', () => {
  const move = {
    of: { step: 'light' },
    kind: 'layer',
    thinner: 1.5,
    passes: 2,
    over: ['light', 'glint'],
    before: 9,
    after: 2,
  } as const
  expect(skinMoveWords({ ...move, over: [...move.over] }, 7)).toBe(
    'layer, thinned 1.5 : 1, 2 passes, over Light and Glint',
  )
  expect(skinMoveWords({ ...move, passes: 1, over: ['base'], share: 0.124 }, 7)).toBe(
    'layer, thinned 1.5 : 1, one pass, along the edge of Base: 12% of the skin',
  )
  expect(skinMoveWords({ ...move, over: ['shade', 'base', 'light'] }, 3)).toContain(
    'all of the skin',
  )
})

it('from afar it is said which steps look alike and what is seen first', () => {
  const lab = { L: 50, a: 10, b: 10 }
  const seen = (groups: ('crevice' | 'base' | 'light')[][], first: number) =>
    afarWords(
      {
        from: 'shelf',
        wanted: 7,
        range: 40,
        first,
        groups: groups.map((keys) => ({ keys, lab, share: 1 / groups.length })),
      },
      3,
    )
  expect(seen([['crevice'], ['base'], ['light']], 2)).toBe('All 3 steps read. Light is seen first.')
  expect(seen([['crevice'], ['base', 'light']], 1)).toBe(
    '2 of 3 read: Base and Light look alike. Base and Light are seen first.',
  )
})
