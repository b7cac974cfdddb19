import { RecipeSearch } from '../../core'
import type { Lab, Limits } from '../../core'
import { many } from '../thorough'
import type { Ratio } from './rate'
import { MAX_DROPS, Together } from './searchers'
import type { Run } from './searchers'
import { median, msOf, sorted } from './times'
import { targetsOf, tryingAll } from './trying'

/** A large box is not searched to its end, but so long: tasks are scattered, so the share done tells the whole time. */
const SAMPLE_MS = many(1e9, 20_000)

/** Two threads against one, to the end. */
async function inReach(): Promise<Ratio> {
  const limits: Limits = { maxPaints: 3, maxDrops: MAX_DROPS }
  const together = await Together.of({ box: 'many', paints: 200 })
  const { paints } = together
  const targets = targetsOf(paints)
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
  const together = await Together.of({ box: 'many', paints: 300 })
  const { paints } = together
  const targets = targetsOf(paints).slice(0, 4)
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
