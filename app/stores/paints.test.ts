import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it } from 'vitest'
import { recordOf, runSheet, starterPaints } from '../../core'
import { moveWords } from '../words/moves'
import { allPaints, nameOf, paintOf } from './paints'
import { useProject } from './project/project'

const ochre = starterPaints.find(({ id }) => id === 'yellow-ochre')!
const bottle = (id: string, name: string) => ({
  ...recordOf(ochre),
  id,
  name,
  origin: 'estimated' as const,
})

beforeEach(() => setActivePinia(createPinia()))

it('two bottles of one name are two bottles: in words, in mixes and at the bench', () => {
  const store = useProject()
  store.addPaints([bottle('a', 'Sand'), bottle('b', 'Sand'), bottle('c', ochre.name)])
  expect(['a', 'b', 'c'].map(nameOf)).toEqual(['Sand', 'Sand (2)', `${ochre.name} (2)`])
  expect(new Set(allPaints().map(({ name }) => name)).size).toBe(allPaints().length)
  // What is stored is what the painter wrote.
  expect(store.project.box!.map(({ name }) => name)).toEqual(['Sand', 'Sand', ochre.name])
  const kept = paintOf('b')
  const coats = [
    { id: 'one', kind: 'glaze', of: { bottle: 'a' } },
    { id: 'other', kind: 'glaze', of: { bottle: 'b' } },
  ] as const
  const moves = runSheet(
    {
      id: 'mei',
      copy: 1,
      sizeMm: 54,
      accents: [],
      stack: { under: { kind: 'flat', of: { bottle: 'raw-umber' } }, coats: coats as never },
    },
    { wordsOf: (move) => moveWords(move, [], (of) => nameOf((of as { bottle: string }).bottle)) },
  )
  expect(moves[1]!.puddle).not.toBe(moves[2]!.puddle)
  expect(moves[2]!.words).toContain('of Sand (2)')
  store.removePaint('a')
  expect(nameOf('b')).toBe('Sand')
  expect(kept.K).toEqual(paintOf('b').K)
})

it('a bottle taken from one figure stays with the others; one that only a figure has is only there', () => {
  const store = useProject()
  const ids = () => store.paintsIn.map(({ id }) => id)
  const [isaura, bram] = store.project.figures.map(({ id }) => id)
  const before = ids()
  store.setPaintInHere('ultramarine', false)
  store.setPaintInHere('viridian', true)
  expect(ids()).toContain('viridian')
  expect(ids()).not.toContain('ultramarine')
  store.chooseFigure(bram!)
  expect(ids()).toEqual(before)
  expect(store.paintsFor(store.project.figures[0]!).map(({ id }) => id)).toContain('viridian')
  // Said for the whole commission, it is said for every figure.
  store.setPaintIn('ultramarine', false)
  expect(ids()).not.toContain('ultramarine')
  store.setPaintIn('ultramarine', true)
  store.chooseFigure(isaura!)
  expect(ids()).toContain('ultramarine')
  store.setOwnedOnly(true)
  expect(ids()).not.toContain('viridian')
  store.setBottle('viridian', { owned: true })
  expect(ids()).toContain('viridian')
})
