import { expect, it, vi } from 'vitest'
import { heard } from './heard'

vi.mock('comlink', () => import('../../tests/fixtures/comlinkInProcess'))

it('news that come after the answer, or after a failure, are not heard', async () => {
  const news: number[] = []
  let late = (_: number): void => undefined
  const answer = await heard<number, string>(
    async (tell) => {
      late = tell
      tell(0.5)
      await Promise.resolve()
      return 'done'
    },
    (done) => news.push(done),
  )
  expect(answer).toBe('done')
  late(1)
  expect(news).toEqual([0.5])
  const fails = heard<number, string>(
    (tell) => {
      late = tell
      return Promise.reject(new Error('gone'))
    },
    (done) => news.push(done),
  )
  await expect(fails).rejects.toThrow('gone')
  late(0.9)
  expect(news).toEqual([0.5])
})
