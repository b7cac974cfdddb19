import { once } from 'node:events'
import { Worker } from 'node:worker_threads'

/** On a machine with two cores two threads work. */
export const THREADS = 2

/** Threads that run a module beside this one and answer what they are asked, one question at a time each. */
export class Threads {
  private readonly all: Worker[]

  constructor(module: string, data: object = {}) {
    const begin = new URL('./thread.mjs', import.meta.url)
    const workerData = { module, ...data }
    this.all = Array.from({ length: THREADS }, () => new Worker(begin, { workerData }))
  }

  /** Asks all of them at once. */
  ask<Answer>(questionFor: (thread: number) => object): Promise<Answer[]> {
    return Promise.all(
      this.all.map(async (worker, thread) => {
        const answered = once(worker, 'message')
        worker.postMessage(questionFor(thread))
        const [answer] = (await answered) as [Answer]
        return answer
      }),
    )
  }

  async end(): Promise<void> {
    await Promise.all(this.all.map((worker) => worker.terminate()))
  }
}
