import { sharedWork } from '../../core'
import type { Lab, Paint } from '../../core'
import { boxes } from './boxes'
import type { BoxOf } from './boxes'
import type { Asked, Heard } from './searcher'
import { Threads, THREADS } from './threads'

export const MAX_DROPS = 12

export interface Run {
  /** Milliseconds that all of it took, or would have taken by the share that was done. */
  whole: number
  best: number
}

/** Searches of one box by threads that share memory. */
export class Together {
  readonly paints: Paint[]
  private readonly threads: Threads
  private constructor(of: BoxOf) {
    this.paints = boxes[of.box](of.paints)
    this.threads = new Threads('./searcher.ts', of)
  }

  /** Threads that stand ready. */
  static async of(of: BoxOf): Promise<Together> {
    const made = new Together(of)
    await made.search({ L: 50, a: 0, b: 0 }, 1)
    return made
  }

  async search(target: Lab, maxPaints: number, most = Infinity): Promise<Run> {
    const start = performance.now()
    const memory = sharedWork()
    const limits = { maxPaints, maxDrops: MAX_DROPS }
    const ends = await this.threads.ask<Heard>(
      (part) => ({ ...limits, target, share: { part, of: THREADS, memory }, most }) satisfies Asked,
    )
    // Tasks are numbered for all: the one who is furthest tells how far all are.
    const done = Math.max(...ends.map(({ done }) => done))
    return {
      whole: (performance.now() - start) / done,
      best: Math.min(...ends.map(({ best }) => best)),
    }
  }

  end(): Promise<void> {
    return this.threads.end()
  }
}
