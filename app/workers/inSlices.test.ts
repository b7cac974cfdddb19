import { expect, it } from 'vitest'
import { inSlices } from './inSlices'

function* work(steps: number, ms: number): Generator<number, string> {
  for (let i = 0; i < steps; i++) {
    const until = performance.now() + ms
    while (performance.now() < until) continue
    yield i
  }
  return 'done'
}

it('runs to its end, tells the first at once, and lets others speak in between', async () => {
  const told: number[] = []
  let others = 0
  const beat = setInterval(() => others++, 1)
  const end = await inSlices(
    work(40, 5),
    (news) => told.push(news),
    () => true,
  )
  clearInterval(beat)
  expect(end).toBe('done')
  expect(told[0]).toBe(0)
  expect(told.length).toBeLessThan(40)
  expect(others).toBeGreaterThan(1)
})

it('stops when it is no longer wanted, and comes to nothing', async () => {
  let going = true
  const end = inSlices(
    work(1000, 5),
    () => (going = false),
    () => going,
  )
  expect(await end).toBeUndefined()
})
