import { expect, it } from 'vitest'
import { latestOnly } from './latestOnly'

it('runs one job at a time, skips what was superseded, and goes on after a failure', async () => {
  const ran: number[] = []
  const done: number[] = []
  const failed: unknown[] = []
  const ask = latestOnly<number, number>(
    async (job) => {
      ran.push(job)
      await Promise.resolve()
      if (job === 3) throw new Error('no')
      return job * 10
    },
    (answer) => done.push(answer),
    (error) => failed.push(error),
  )
  ask(1)
  ask(2)
  ask(3)
  await new Promise((resolve) => setTimeout(resolve, 5))
  ask(4)
  await new Promise((resolve) => setTimeout(resolve, 5))
  expect(ran).toEqual([1, 3, 4])
  expect(done).toEqual([10, 40])
  expect(failed).toHaveLength(1)
})
