import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useProject } from './project'
import { isTyped, typedTag } from './typed'

describe('what is typed', () => {
  beforeEach(() => setActivePinia(createPinia()))

  it('is stored letter by letter and undone as one, however slowly it came', () => {
    vi.useFakeTimers({ toFake: ['Date'], now: 1e12 })
    try {
      const store = useProject()
      const { id, note } = store.figure
      const tag = typedTag()
      for (const letters of ['A', 'Ab', 'Abc']) {
        store.setFigure(id, { note: letters }, tag)
        expect(store.figure.note).toBe(letters)
        vi.setSystemTime(Date.now() + 60_000)
      }
      store.setFigure(id, { note: 'Abcd' }, typedTag())
      store.undo()
      expect(store.figure.note).toBe('Abc')
      store.undo()
      expect(store.figure.note).toBe(note)
    } finally {
      vi.useRealTimers()
    }
  })
  it('has a tag of its own for every visit', () => {
    expect(typedTag()).not.toBe(typedTag())
    expect(isTyped(`mei ${typedTag()}`)).toBe(true)
    expect(isTyped('mei note')).toBe(false)
  })
})
