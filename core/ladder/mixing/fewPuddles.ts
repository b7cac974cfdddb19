import type { Lab } from '../../colour/lab'
import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'
import { StepWays } from './stepWays'
import type { StepWay } from './stepWays'

/** A step as it is mixed: a puddle of its own, or a ratio of the two puddles it lies between. */
export type PuddleStep =
  | { parts: Part<Paint>[]; deltaE00: number }
  | {
      between: readonly [dark: number, light: number]
      ratio: readonly [number, number]
      deltaE00: number
    }

export interface PuddleLadder {
  /** Places of the puddles among the steps, dark to light. */
  anchors: number[]
  steps: PuddleStep[]
  /** Mean ΔE00 over the steps. */
  mean: number
  /** … with what the puddles cost beside. */
  weighed: number
}

/** So many ways a step tell how far off the best can be at most. */
const FIRST_WAYS = 4

/** Least sum with so many puddles, the last of them at a step in one way. */
interface Reached {
  sum: number
  from: number
  way: number
}
type Rows = (Reached | undefined)[][][]

/** Forward through the ladder: for so many puddles, each step and each way to mix it, the least that leads there. */
function rowsOf(steps: StepWays, puddles: number, most: number): Rows {
  const { ways } = steps
  const n = ways.length
  /** What the last puddle costs at least, whatever leads to it. */
  const end = Math.min(...ways[n - 1]!.map(({ cost }) => cost))
  const rows: Rows = [
    ways.map((list, i) =>
      list.map(({ cost }) => (i === 0 ? { sum: cost, from: -1, way: -1 } : undefined)),
    ),
  ]
  for (let used = 1; used < puddles; used++) {
    const before = rows[used - 1]!
    const last = used === puddles - 1
    rows.push(
      ways.map((list, j) => {
        if (j < used || (last ? j !== n - 1 : j > n - (puddles - used))) return []
        // The nearest first: what comes after cannot make up for more than it misses already.
        const open = before
          .slice(used - 1, j)
          .flatMap((list, i) => list.map((way, k) => ({ way, i: i + used - 1, k })))
          .filter((one): one is typeof one & { way: Reached } => one.way !== undefined)
          .sort((one, other) => one.way.sum - other.way.sum)
        return list.map((one) => {
          let best: Reached | undefined
          for (const { way, i, k } of open) {
            const room =
              Math.min(best?.sum ?? Infinity, last ? most : most - end) - way.sum - one.cost
            if (room < 0) break
            const { sum } = steps.bridge(i, ways[i]![k]!, j, one, room)
            if (sum <= room) best = { sum: way.sum + sum + one.cost, from: i, way: k }
          }
          return best
        })
      }),
    )
  }
  return rows
}

/** Back from the best way to mix the last step. */
function wayBack(rows: Rows, all: StepWays): PuddleLadder {
  const { ways } = all
  const n = ways.length
  const puddles = rows.length
  let at = n - 1
  let way = -1
  rows[puddles - 1]![at]!.forEach((one, k) => {
    if (one && (way < 0 || one.sum < rows[puddles - 1]![at]![way]!.sum)) way = k
  })
  const { sum } = rows[puddles - 1]![at]![way]!
  const steps: PuddleStep[] = new Array<PuddleStep>(n)
  const anchors: number[] = []
  for (let used = puddles - 1; used >= 0; used--) {
    const { from, way: before } = rows[used]![at]![way]!
    const here = ways[at]![way]!
    steps[at] = { parts: here.parts, deltaE00: here.deltaE00 }
    anchors.unshift(at)
    if (from < 0) break
    for (const { at: step, ratio, deltaE00 } of all.bridge(
      from,
      ways[from]![before]!,
      at,
      here,
      Infinity,
    ).ratios)
      steps[step] = { between: [from, at], ratio, deltaE00 }
    ;[at, way] = [from, before]
  }
  const mean = steps.reduce((all, { deltaE00 }) => all + deltaE00, 0) / n
  return { anchors, steps, mean, weighed: sum / n }
}

/** As `fewPuddles`, of ways whose pairs may be known already. */
export function fewOf(steps: StepWays, puddles: number): PuddleLadder {
  const n = steps.targets.length
  if (!(Number.isInteger(puddles) && puddles >= 2 && puddles <= n))
    throw new RangeError(`${puddles} puddles for ${n} steps; allowed is 2 to ${n}`)
  // The best from the first few ways is soon found, and nothing that misses more need be gone into.
  const most = steps.ways.some((list) => list.length > FIRST_WAYS)
    ? fewOf(steps.best(FIRST_WAYS), puddles).weighed * n * (1 + 1e-12)
    : Infinity
  return wayBack(rowsOf(steps, puddles, most), steps)
}

/**
 * A ladder from few puddles: one at either end and others between, every further step a plain ratio of the two puddles
 * it lies between. Which steps are puddles, how each is mixed (among the candidates) and every ratio are chosen
 * together: a shortest way through the ladder, so no choice among the candidates has a lesser mean, costs counted.
 * @param candidates ways to mix each step, at least one, the best first; weighed by cost where they have one.
 * @param puddles how many, 2 up to the steps.
 * @throws RangeError for fewer than two puddles or more than there are steps.
 * @example fewPuddles(targets, candidates, 3).anchors // [0, 3, 6]
 */
export const fewPuddles = (
  targets: readonly Lab[],
  candidates: readonly (readonly StepWay[])[],
  puddles: number,
): PuddleLadder => fewOf(StepWays.of(targets, candidates), puddles)
