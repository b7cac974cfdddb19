import { beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, reactive } from 'vue'
import { stubBrowser } from '../../tests/fixtures/browserGlobals'
import { storesInMemory } from '../../tests/fixtures/storageInMemory'
import { draftOf, draftsRecalled } from '../vault/drafts'
import { useDraft } from './useDraft'

vi.mock('localforage', () => import('../../tests/fixtures/storageInMemory'))

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
  beforeEach(() => {
    storesInMemory.clear()
    stubBrowser()
    return () => vi.unstubAllGlobals()
  })

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
    expect(draftOf('d')).toBeUndefined()
  })
  it('is there though the browser was killed and its first place is of seconds ago', async () => {
    await visit('e', (form) => (form.word = 'dried'))
    const older = localStorage.getItem('cobaltfinch-draft e')!
    await visit('e', (form) => (form.word = 'dried darker'))
    await vi.waitFor(() => expect(storesInMemory.of('notes').size).toBe(1))
    await new Promise((resolve) => setTimeout(resolve))
    localStorage.removeItem('cobaltfinch-draft e')
    const { form } = await visit('e', () => undefined)
    await vi.waitFor(() => expect(form.word).toBe('dried darker'))
    // The newer of both is taken, but not over what is filled in meanwhile.
    localStorage.setItem('cobaltfinch-draft e', older)
    const newer = await visit('e', () => undefined)
    expect(newer.form.word).toBe('dried')
    await vi.waitFor(() => expect(newer.form.word).toBe('dried darker'))
    localStorage.setItem('cobaltfinch-draft e', older)
    const typing = await visit('e', (form) => (form.word = 'matt'))
    await draftsRecalled()
    expect(typing.form.word).toBe('matt')
  })
})
