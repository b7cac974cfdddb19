import { describe, expect, it } from 'vitest'
import { causeWords, followedWords, heldWords, movesWords, paintedWords } from './rests'

const coat = (coat: string) => ({ kind: 'coat', coat }) as const
const told = { causes: ['tone'], moves: [coat('a')], mixes: [{ name: 'Base' }] } as const

describe('words of what a change does', () => {
  it('count what changes with what', () => {
    expect(causeWords(['tone', 'size', 'table'])).toBe(
      'the new tone, the new size and the bottles on the table now',
    )
    expect(movesWords([{ kind: 'undercoat' }, coat('a'), coat('b')])).toBe(
      'the undercoat and 2 coats',
    )
    expect(followedWords(told)).toBe('With the new tone a coat changes.')
    expect(followedWords({ ...told, moves: [coat('a'), coat('b')] })).toBe(
      'With the new tone 2 coats change.',
    )
  })
  it('tell what is poured from what a method made', () => {
    expect(heldWords({ ...told, begun: true })).toBe(
      'Painting has begun: a mix stays as poured, in spite of the new tone.',
    )
    expect(heldWords({ ...told, mixes: [{ name: 'a' }, { name: 'b' }], anew: true })).toBe(
      '2 mixes stay as the method made them, in spite of the new tone; to follow, the method is begun anew.',
    )
    expect(paintedWords(told)).toBe('A coat had been painted before it was changed.')
  })
})
