import type { Remote } from 'comlink'
import { expect, it, vi } from 'vitest'
import { orLost } from './orLost'

interface Api {
  ask: (n: number) => number
  never: () => number
}

function begin() {
  const hears: ((event: { message?: string }) => void)[] = []
  const worker = {
    addEventListener: (_: string, hear: (event: { message?: string }) => void) => hears.push(hear),
  } as unknown as Worker
  const remote = {
    ask: (n: number) => Promise.resolve(n + 1),
    never: () => new Promise<number>(() => undefined),
  } as unknown as Remote<Api>
  const forget = vi.fn()
  const api = orLost<Api>(remote, worker, forget)
  return { api, forget, fail: (message?: string) => hears.forEach((hear) => hear({ message })) }
}

it('a worker that answers is heard as it is', async () => {
  const { api, forget } = begin()
  expect(await api.ask(1)).toBe(2)
  expect(forget).not.toHaveBeenCalled()
})

it('one whose file does not come refuses what is asked and what was asked, and is forgotten', async () => {
  const { api, forget, fail } = begin()
  const waits = api.never()
  fail()
  await expect(waits).rejects.toThrow('could not be loaded; load the page again')
  await expect(api.never()).rejects.toThrow('could not be loaded')
  expect(forget).toHaveBeenCalledOnce()
})

it('what a worker throws has words of its own and loses nothing', async () => {
  const { api, forget, fail } = begin()
  fail('RangeError: no paint')
  expect(await api.ask(4)).toBe(5)
  expect(forget).not.toHaveBeenCalled()
})
