import { ClosestRecipes } from '../../core'
import { bottles, figures, FIGURES, mixed, SWAPS, TABLE } from './plan'
import type { Planned } from './planner'
import type { Ratio } from './rate'
import { Threads, THREADS } from './threads'
import { median, msOf } from './times'

/** A ladder in three puddles, and the range of 40 figures after a bottle is swapped, on two threads as in the room. */
export async function plansBench(): Promise<Ratio[]> {
  const table = bottles(TABLE)
  const closest = new ClosestRecipes()
  figures.slice(0, 3).forEach((figure) => mixed(figure, table, closest))
  const ladder = Math.min(
    ...[0, 1, 2].map(() => msOf(() => mixed(figures[0]!, table, new ClosestRecipes()))),
  )
  const known = msOf(() => mixed(figures[0]!, table, closest))
  const threads = new Threads('./planner.ts')
  const all = (table: readonly number[], to: number): Promise<unknown[]> =>
    threads.ask((from) => ({ table, from, step: THREADS, to }) satisfies Planned)
  await all(TABLE, FIGURES)
  const swaps: number[] = []
  for (const swapped of SWAPS) {
    const start = performance.now()
    await all(swapped, FIGURES)
    swaps.push(performance.now() - start)
  }
  const range = median(swaps)
  await threads.end()
  const alone = msOf(() =>
    figures
      .slice(0, 4)
      .forEach((figure) => mixed(figure, bottles(SWAPS[0]!), new ClosestRecipes())),
  )
  return [
    {
      what: `a ladder in three puddles, per 1000 s (${ladder.toFixed(0)} ms with its table, ${known.toFixed(0)} ms after it)`,
      against: 'with its table',
      ours: 1e6 / known,
      theirs: 1e6 / ladder,
      wanted: 1.5,
    },
    {
      what: `${FIGURES} figures after a bottle is swapped, two threads, per 1000 s (${swaps.map((ms) => ms.toFixed(0)).join(', ')} ms)`,
      against: 'one thread, each with a table of its own',
      ours: 1e6 / range,
      theirs: 1e6 / (alone * (FIGURES / 4)),
      wanted: 3,
    },
  ]
}
