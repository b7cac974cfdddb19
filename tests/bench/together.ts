import { RecipeSearch, sharedWork } from '../../core'
import type { Lab, Limits } from '../../core'
import { many } from '../thorough'
import { manyPaints } from './manyPaints'
import type { Ratio } from './rate'
import type { Asked, Heard } from './searcher'
import { Threads, THREADS } from './threads'
import { median, msOf, sorted } from './times'
import { targetsOf, tryingAll } from './trying'

const MAX_DROPS = 12
/** A large box is not searched to its end, but so long: tasks are scattered, so the share done tells the whole time. */
const SAMPLE_MS = many(1e9, 20_000)

interface Run {
  /** Milliseconds that all of it took, or would have taken by the share that was done. */
  whole: number
  best: number
}

/** Searches of one box by threads that share memory. */
class Together {
  private readonly threads: Threads
  private constructor(paints: number) {
    this.threads = new Threads('./searcher.ts', { paints })
  }

  /** Threads that stand ready. */
  static async of(paints: number): Promise<Together> {
    const made = new Together(paints)
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

/** Two threads against one, to the end. */
async function inReach(): Promise<Ratio> {
  const limits: Limits = { maxPaints: 3, maxDrops: MAX_DROPS }
  const paints = manyPaints(200)
  const targets = targetsOf(paints)
  const together = await Together.of(paints.length)
  const alone = (target: Lab): number =>
    msOf(() => void new RecipeSearch({ ...limits, paints, target }).step(Infinity, () => 0))
  await together.search(targets[0]!, limits.maxPaints)
  alone(targets[0]!)
  const ours: number[] = []
  const theirs: number[] = []
  for (const target of targets) {
    ours.push((await together.search(target, limits.maxPaints)).whole)
    theirs.push(alone(target))
  }
  await together.end()
  return {
    what:
      `200 paints, up to 3, two threads that share memory: searches per 1000 s (median ${median(ours).toFixed(0)} ms, ` +
      `nine of ten within ${sorted(ours).at(-2)!.toFixed(0)} ms)`,
    against: 'one thread',
    ours: 1e6 / median(ours),
    theirs: 1e6 / median(theirs),
    wanted: 1.3,
  }
}

/** 300 paints up to 4, proofs by two threads. */
async function large(): Promise<Ratio> {
  const limits: Limits = { maxPaints: 4, maxDrops: MAX_DROPS }
  const paints = manyPaints(300)
  const targets = targetsOf(paints).slice(0, 4)
  const together = await Together.of(paints.length)
  const runs: Run[] = []
  for (const target of targets)
    runs.push(await together.search(target, limits.maxPaints, SAMPLE_MS))
  await together.end()
  const seconds = runs.map(({ whole }) => whole / 1000)
  return {
    what:
      `300 paints, up to 4, two threads: proofs per 1,000,000 s (${sorted(seconds)
        .map((s) => s.toFixed(0))
        .join(', ')} s, ` +
      `${many(1, 0) ? 'whole' : 'by the share done in 20 s'}; best ${runs.map(({ best }) => best.toFixed(3)).join(', ')})`,
    against: 'trying all',
    ours: 1e6 / median(seconds),
    theirs: 1e9 / tryingAll(paints, limits, targets.slice(0, 1)),
    wanted: 500,
  }
}

/** Searches by two threads. */
export const togetherBench = async (): Promise<Ratio[]> => [await inReach(), await large()]
