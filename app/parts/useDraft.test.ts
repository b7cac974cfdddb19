import { describe, expect, it } from 'vitest'
import { effectScope, nextTick, reactive } from 'vue'
import { draftOf } from '../vault/drafts'
import { useDraft } from './useDraft'

const visit = async (
  of: string,
  act: (form: { word: string; ml: number; list: string[] }) => void,
) => {
  const scope = effectScope()
  const form = reactive({ word: '', ml: 17, list: [] as string[] })
  const forget = scope.run(() => useDraft(of, form))!
  act(form)
  await nextTick()
  scope.stop()
  return { form, forget }
}

describe('what is filled in and not kept yet', () => {
  it('is there at the next visit, each its own, until it is let go', async () => {
    await visit('a', (form) => Object.assign(form, { word: 'dried darker', list: ['nickel'] }))
    const { form, forget } = await visit('a', () => undefined)
    expect(form).toEqual({ word: 'dried darker', ml: 17, list: ['nickel'] })
    expect((await visit('b', () => undefined)).form.word).toBe('')
    forget()
    expect((await visit('a', () => undefined)).form.word).toBe('')
  })
  it('is passed over where it is of another shape, and leaves nothing when it is emptied', async () => {
    for (const strange of [
      '"text"',
      '{"word":3}',
      '{"word":"x","ml":"17","list":{}}',
      'not JSON',
    ]) {
      localStorage.setItem('cobaltfinch-draft c', strange)
      expect((await visit('c', () => undefined)).form).toEqual({ word: '', ml: 17, list: [] })
    }
    await visit('d', (form) => (form.word = 'x'))
    await visit('d', (form) => (form.word = ''))
    expect(draftOf('d')).toBeNull()
  })
})
