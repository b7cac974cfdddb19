import { boundFrom } from './bound'
import type { ScheduledMove, ScheduleRequest } from './request'
import { after, startOf, step } from './state'
import type { State } from './state'

/** After so many steps, about a second, the best so far has to do. */
const MOST_STEPS = 100_000

/** Figures with the same moves share a number: which of them goes first makes no difference. */
function kindsOf({ chains }: ScheduleRequest): number[] {
  const known = new Map<string, number>()
  return chains.map((chain) => {
    const key = JSON.stringify(
      chain.map(({ workMin, dryMin, puddle }) => [workMin, dryMin, puddle]),
    )
    if (!known.has(key)) known.set(key, known.size)
    return known.get(key)!
  })
}

/** All that what is to come depends on, with time counted from now and like figures in one order. */
function keyOf(request: ScheduleRequest, kinds: readonly number[], state: State): string {
  const { now, next, readyAt, opened } = state
  const figures = kinds.map((kind, f) => {
    const left = next[f]! < request.chains[f]!.length
    return `${kind},${next[f]},${left ? Math.max(0, readyAt[f]! - now) : ''}`
  })
  const puddles = [...opened].map(
    ([name, at]) => `${name},${Math.max(at - now, -request.puddleLifeMin)}`,
  )
  return `${figures.sort().join(';')}|${puddles.sort().join(';')}`
}

/**
 * Every order is searched; left out are those that cannot beat the best, those that differ only in
 * which of two like figures goes first, and those that come to where another was as soon.
 * @param known an order to beat.
 * @returns the best order, and whether all were searched.
 */
export function exactOrder(
  request: ScheduleRequest,
  tails: readonly number[][],
  known: readonly ScheduledMove[],
): { moves: ScheduledMove[]; whole: boolean } {
  const endOf = (moves: readonly ScheduledMove[]): number => moves.at(-1)?.endMin ?? 0
  const kinds = kindsOf(request)
  const reached = new Map<string, number>()
  let best = [...known]
  let steps = 0
  const walk = (state: State, done: ScheduledMove[]): void => {
    if (steps++ > MOST_STEPS) return
    const open = request.chains.flatMap((chain, f) => (state.next[f]! < chain.length ? [f] : []))
    if (open.length === 0) {
      if (endOf(done) < endOf(best) - 1e-9) best = [...done]
      return
    }
    if (boundFrom(request, tails, state) >= endOf(best) - 1e-9) return
    const key = keyOf(request, kinds, state)
    if (state.now >= (reached.get(key) ?? Infinity) - 1e-9) return
    reached.set(key, state.now)
    const tries = open
      .map((figure) => ({ figure, done: step(request, state, figure) }))
      .sort((one, other) => one.done.startMin - other.done.startMin)
    for (const one of tries) {
      done.push(one.done)
      walk(after(state, one.figure, one.done), done)
      done.pop()
    }
  }
  walk(startOf(request), [])
  return { moves: best, whole: steps <= MOST_STEPS }
}
