import type { Mixture } from '../../paint/mixture'
import { deltaE00Of } from '../../colour/deltaE00'
import type { Lab } from '../../colour/lab'
import type { Part } from '../../paint/mix'
import { MixEvaluator } from '../../paint/mixEvaluator'
import type { Paint } from '../../paint/paint'
import { pouredMix } from '../../recipe/advice/touches'

/**
 * Plain ratios of two puddles, the darker's drops first; what painters count without counting (common practice, no
 * source).
 */
export const plainRatios: readonly (readonly [dark: number, light: number])[] = [
  [4, 1],
  [3, 1],
  [2, 1],
  [1, 1],
  [1, 2],
  [1, 3],
  [1, 4],
]

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

/** One way to mix a puddle at a step. */
interface Candidate {
  parts: Part<Paint>[]
  deltaE00: number
  /** What it is weighed by. */
  cost: number
  /** Its place among all of them, as the evaluator has them. */
  at: number
}

/** A step between two puddles: the best plain ratio of them. */
interface Bridged {
  at: number
  ratio: readonly [number, number]
  deltaE00: number
}
type Bridges = (
  i: number,
  one: Candidate,
  j: number,
  other: Candidate,
  room: number,
) => { sum: number; ratios: Bridged[] }

/** The best ratio of two puddles for each step between, and what they miss together. */
function bridgesOf(targets: readonly Lab[], evaluator: MixEvaluator): Bridges {
  const labs = new Float64Array(3 * plainRatios.length)
  return (i, one, j, other, room) => {
    let sum = 0
    const members = [one.at, other.at]
    // Every ratio is mixed once for all steps between, and only when one asks for it.
    let mixed = 0
    const off = ({ L, a, b }: Lab, k: number): number => {
      for (; mixed <= k; mixed++)
        evaluator.writeLab(members, plainRatios[mixed]!, 2, labs, 3 * mixed)
      return deltaE00Of(labs[3 * k]!, labs[3 * k + 1]!, labs[3 * k + 2]!, L, a, b)
    }
    const ratios: Bridged[] = []
    // The darker of two steps never takes more of the light than the one after it.
    for (let at = i + 1; at < j && sum <= room; at++) {
      let best: Omit<Bridged, 'at'> | undefined
      for (let k = 0; k < plainRatios.length; k++) {
        const found = off(targets[at]!, k)
        if (!best || found < best.deltaE00) best = { ratio: plainRatios[k]!, deltaE00: found }
        // Along the ratios a step is come near once: past it, it only gets further off.
        else if (found > best.deltaE00 + 1) break
      }
      ratios.push({ at, ...best! })
      sum += best!.deltaE00
    }
    return { sum, ratios }
  }
}

/** Least sum with so many puddles, the last of them at a step in one way. */
interface Reached {
  sum: number
  from: number
  way: number
}
type Rows = (Reached | undefined)[][][]

/** Forward through the ladder: for so many puddles, each step and each way to mix it, the least that leads there. */
function rowsOf(
  ways: readonly (readonly Candidate[])[],
  puddles: number,
  most: number,
  bridge: Bridges,
): Rows {
  const n = ways.length
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
            const room = Math.min(best?.sum ?? Infinity, most) - way.sum - one.cost
            if (room < 0) break
            const { sum } = bridge(i, ways[i]![k]!, j, one, room)
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
function wayBack(
  rows: Rows,
  ways: readonly (readonly Candidate[])[],
  bridge: Bridges,
): PuddleLadder {
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
    for (const { at: step, ratio, deltaE00 } of bridge(
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

/**
 * A ladder from few puddles: one at either end and others between, every further step a plain ratio of the two puddles
 * it lies between. Which steps are puddles, how each is mixed (among the candidates) and every ratio are chosen
 * together: a shortest way through the ladder, so no choice among the candidates has a lesser mean, costs counted.
 * @param candidates ways to mix each step, at least one, the best first; weighed by cost where they have one.
 * @param puddles how many, 2 up to the steps.
 * @throws RangeError for fewer than two puddles or more than there are steps.
 * @example fewPuddles(targets, candidates, 3).anchors // [0, 3, 6]
 */
export function fewPuddles(
  targets: readonly Lab[],
  candidates: readonly (readonly { parts: Part<Paint>[]; deltaE00: number; cost?: number }[])[],
  puddles: number,
): PuddleLadder {
  const n = targets.length
  if (!(Number.isInteger(puddles) && puddles >= 2 && puddles <= n))
    throw new RangeError(`${puddles} puddles for ${n} steps; allowed is 2 to ${n}`)
  // The best from the first few ways is soon found, and nothing that misses more need be gone into.
  const few = candidates.map((list) => list.slice(0, FIRST_WAYS))
  const most = candidates.some((list) => list.length > FIRST_WAYS)
    ? fewPuddles(targets, few, puddles).weighed * n * (1 + 1e-12)
    : Infinity
  const all: Mixture[] = []
  const ways: Candidate[][] = candidates.map((list) =>
    list.map((one) => ({
      ...one,
      cost: one.cost ?? one.deltaE00,
      at: all.push(pouredMix(one.parts)) - 1,
    })),
  )
  const evaluator = new MixEvaluator(all)
  const bridge = bridgesOf(targets, evaluator)
  return wayBack(rowsOf(ways, puddles, most, bridge), ways, bridge)
}
