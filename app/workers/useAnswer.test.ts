import { describe, expect, it } from 'vitest'
import { effectScope } from 'vue'
import { useAnswer } from './useAnswer'

/** Questions that are answered when the test says so. */
function byHand() {
  const ran: number[] = []
  const ends = new Map<number, (say: number | Error) => void>()
  const run = (job: number): Promise<number> => {
    ran.push(job)
    return new Promise((resolve, reject) =>
      ends.set(job, (say) => (typeof say === 'number' ? resolve(say) : reject(say))),
    )
  }
  const end = async (job: number, say: number | Error): Promise<void> => {
    ends.get(job)!(say)
    await new Promise((resolve) => setTimeout(resolve))
  }
  return { ran, run, end }
}

describe('asking what takes time', () => {
  it('runs one job at a time, skips what was superseded, and goes on after a failure', async () => {
    const { ran, run, end } = byHand()
    const { answer, trouble, busy, ask } = useAnswer(run)
    for (const job of [1, 2, 3]) ask(job)
    await end(1, 10)
    expect([answer.value, busy.value]).toEqual([10, true])
    await end(3, new Error('no'))
    expect([answer.value, trouble.value, busy.value]).toEqual([10, 'no', false])
    ask(4)
    await end(4, 40)
    expect([answer.value, trouble.value]).toEqual([40, ''])
    expect(ran).toEqual([1, 3, 4])
  })

  it('what is forgotten is not shown when it comes, nor its failure', async () => {
    const { run, end } = byHand()
    const { answer, trouble, busy, ask, forget } = useAnswer(run)
    ask(1)
    await end(1, 10)
    ask(2)
    forget()
    expect([answer.value, busy.value]).toEqual([undefined, false])
    ask(3)
    await end(2, new Error('late'))
    expect([answer.value, trouble.value]).toEqual([undefined, ''])
    await end(3, 30)
    expect(answer.value).toBe(30)
  })

  it('an interrupted run is told, and says nothing more; one that is stopped leaves the answer', async () => {
    const { run, end } = byHand()
    let cut = 0
    const { answer, ask, stop } = useAnswer(run, { interrupt: () => cut++ })
    ask(1)
    ask(2)
    await end(1, 10)
    expect([answer.value, cut]).toEqual([undefined, 1])
    await end(2, 20)
    ask(3)
    stop()
    await end(3, 30)
    expect([answer.value, cut]).toEqual([20, 2])
  })

  it('shows what is known on the way, and asks whether it is still wanted', async () => {
    const seen: boolean[] = []
    const { answer, ask } = useAnswer<number, string>(async (job, { soFar, newest }) => {
      soFar(`${job} begun`)
      await Promise.resolve()
      seen.push(newest())
      return `${job} done`
    })
    ask(1)
    expect(answer.value).toBe('1 begun')
    ask(2)
    await new Promise((resolve) => setTimeout(resolve))
    expect(answer.value).toBe('2 done')
    expect(seen).toEqual([false, true])
  })

  it('ends with the scope it was made in', async () => {
    const { run, end } = byHand()
    const scope = effectScope()
    const asked = scope.run(() => useAnswer(run))!
    asked.ask(1)
    scope.stop()
    await end(1, 10)
    expect(asked.answer.value).toBeUndefined()
  })
})
