import { boundFrom, tailsOf } from './bound'
import { exactOrder } from './exact'
import type { BenchMove, BenchSchedule, ScheduledMove, ScheduleRequest } from './request'
import { after, startOf, step } from './state'

/** So few moves are searched, mostly through to the end; more get a good order and a bound. */
const SEARCHED_MOVES = 60

const endOf = (moves: readonly ScheduledMove[]): number => moves.at(-1)?.endMin ?? 0

/** How long the brush waits for coats to dry. */
const idleIn = (moves: readonly ScheduledMove[]): number =>
  moves.reduce((left, { startMin, endMin }) => left - (endMin - startMin), endOf(moves))

/**
 * The brush goes to what can start first; of those that can start before any would end, to the figure
 * with most still to come, and to one whose puddle is open.
 */
function inTurn(request: ScheduleRequest, tails: readonly number[][]): ScheduledMove[] {
  const moves: ScheduledMove[] = []
  let state = startOf(request)
  for (;;) {
    const open = request.chains.flatMap((chain, f) => (state.next[f]! < chain.length ? [f] : []))
    if (open.length === 0) return moves
    const tries = open.map((figure) => ({ figure, done: step(request, state, figure) }))
    const first = Math.min(...tries.map(({ done }) => done.startMin))
    const now = tries.filter(({ done }) => done.startMin <= first + 1e-9)
    const best = now.reduce((one, next) => {
      const worth = ({ figure, done }: (typeof now)[number]): number =>
        tails[figure]![state.next[figure]!]! - (done.mixes ? 3 * request.mixMin : 0)
      return worth(next) > worth(one) ? next : one
    })
    moves.push(best.done)
    state = after(state, best.figure, best.done)
  }
}

/** Another order has to be done sooner by so much, minutes, for what comes next to change (from memory). */
const WORTH_CHANGING = 1

/** What is left, in the order it was in before; nothing where that says too little, or goes against a figure's own order. */
function asBefore(request: ScheduleRequest): ScheduledMove[] | undefined {
  const moves: ScheduledMove[] = []
  let state = startOf(request)
  for (const id of request.before ?? []) {
    const figure = request.chains.findIndex((chain, f) => chain[state.next[f]!]?.id === id)
    if (figure < 0) continue
    const done = step(request, state, figure)
    moves.push(done)
    state = after(state, figure, done)
  }
  return state.next.every((at, f) => at === request.chains[f]!.length) ? moves : undefined
}

/** Whether an order from before is as good: it goes on as soon, and is done no later than is worth changing it for. */
const isAsGood = (kept: readonly ScheduledMove[], found: readonly ScheduledMove[]): boolean =>
  (kept[0]?.startMin ?? 0) <= (found[0]?.startMin ?? 0) + 1e-9 &&
  endOf(kept) < endOf(found) + WORTH_CHANGING

/**
 * An order of moves for one brush over figures in rotation: short, never against a figure's own order or
 * its drying, and a puddle that has dried is mixed again. Found exactly while there are few moves;
 * beyond that a good order with a lower bound: all work with every puddle mixed once, or the longest figure. An order that
 * was told before is kept as long as it is about as good: what comes next does not change for nothing.
 * @throws RangeError for a time that is negative or no number.
 * @example schedule({ chains: [moves], mixMin: 3, puddleLifeMin: 90 }).totalMin
 */
export function schedule(request: ScheduleRequest): BenchSchedule {
  for (const chain of request.chains)
    for (const { id, workMin, dryMin } of chain)
      if (!(workMin >= 0 && dryMin >= 0 && Number.isFinite(workMin + dryMin)))
        throw new RangeError(
          `the move ${id} takes ${workMin} and dries ${dryMin} minutes; 0 or more is allowed`,
        )
  const tails = request.chains.map(tailsOf)
  const quick = inTurn(request, tails)
  const few = quick.length <= SEARCHED_MOVES
  const found = few ? exactOrder(request, tails, quick) : { moves: quick, whole: false }
  const least = endOf(found.moves)
  const boundMin = found.whole ? least : boundFrom(request, tails, startOf(request))
  const kept = asBefore(request)
  const moves = kept && isAsGood(kept, found.moves) ? kept : found.moves
  const totalMin = endOf(moves)
  return {
    moves,
    totalMin,
    idleMin: idleIn(moves),
    boundMin,
    proved: totalMin <= boundMin + 1e-9,
  }
}

/**
 * Least number of like figures in rotation with which the brush hardly ever waits.
 * @example figuresWithoutWaiting(moves, { mixMin: 3, puddleLifeMin: 90 })
 */
export function figuresWithoutWaiting(
  chain: readonly BenchMove[],
  times: { mixMin: number; puddleLifeMin: number },
  most = 20,
): number {
  for (let many = 1; many <= most; many++) {
    const chains = Array.from({ length: many }, (_, n) =>
      chain.map((move) => ({ ...move, id: `${n} ${move.id}`, figure: `${n}` })),
    )
    const moves = inTurn({ chains, ...times }, chains.map(tailsOf))
    if (idleIn(moves) <= 0.02 * endOf(moves)) return many
  }
  return most
}

/**
 * Moves of a schedule evening by evening: it is stopped where the next move would run over.
 * @example evenings(schedule({ chains: [moves], mixMin: 3, puddleLifeMin: 90 }).moves, 60).length // 1
 */
export function evenings(moves: readonly ScheduledMove[], lengthMin: number): ScheduledMove[][] {
  const found: ScheduledMove[][] = []
  let from = 0
  for (const one of moves) {
    const last = found.at(-1)
    if (!last || one.endMin - from > lengthMin) {
      found.push([one])
      from = one.startMin
    } else last.push(one)
  }
  return found
}
