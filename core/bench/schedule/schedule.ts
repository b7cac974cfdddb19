/** One thing to do on a figure, in its order. */
export interface BenchMove {
  id: string
  figure: string
  /** What is done. */
  words: string
  workMin: number
  /** How long it has to dry before the next move on the same figure. */
  dryMin: number
  /** The puddle it is painted from; the first use mixes it. */
  puddle?: string
}

export interface ScheduleRequest {
  /** Moves of each figure in the order they have to be done. */
  chains: readonly (readonly BenchMove[])[]
  /** Mixing a puddle takes so long, and it can be used for so long. */
  mixMin: number
  puddleLifeMin: number
  /** How long from now each figure still dries; 0 when not given. */
  readyMin?: readonly number[]
  /** Puddles that are open already, by when they were mixed: minutes from now, 0 or less. */
  openedMin?: Readonly<Record<string, number>>
}

export interface ScheduledMove {
  move: BenchMove
  startMin: number
  endMin: number
  /** The puddle is mixed here, for the first time or again because it had dried. */
  mixes: boolean
}

export interface BenchSchedule {
  moves: ScheduledMove[]
  totalMin: number
  /** Time the brush waits for coats to dry. */
  idleMin: number
  /** No order is done sooner than this. */
  boundMin: number
  /** Whether no order is shorter. */
  proved: boolean
}

/** So few moves are searched through; more get a good order and a bound. */
const EXACT_MOVES = 12
const MOST_NODES = 400_000

interface State {
  now: number
  next: number[]
  readyAt: number[]
  opened: Map<string, number>
}

/** Work and drying still to come on each figure after a move: the last coat dries on its own. */
function tailsOf(chain: readonly BenchMove[]): number[] {
  const tails = new Array<number>(chain.length + 1).fill(0)
  for (let i = chain.length - 1; i >= 0; i--)
    tails[i] = chain[i]!.workMin + (i < chain.length - 1 ? chain[i]!.dryMin + tails[i + 1]! : 0)
  return tails
}

/** What starting a figure's next move now would be: when, whether its puddle is mixed, when it ends. */
function step(request: ScheduleRequest, state: State, figure: number): ScheduledMove {
  const move = request.chains[figure]![state.next[figure]!]!
  const startMin = Math.max(state.now, state.readyAt[figure]!)
  const opened = move.puddle === undefined ? undefined : state.opened.get(move.puddle)
  const lasts = opened !== undefined && startMin + move.workMin <= opened + request.puddleLifeMin
  const mixes = move.puddle !== undefined && !lasts
  return { move, startMin, mixes, endMin: startMin + (mixes ? request.mixMin : 0) + move.workMin }
}

function after(state: State, figure: number, done: ScheduledMove): State {
  const next = [...state.next]
  const readyAt = [...state.readyAt]
  next[figure]!++
  readyAt[figure] = done.endMin + done.move.dryMin
  let { opened } = state
  if (done.mixes) opened = new Map(opened).set(done.move.puddle!, done.startMin)
  return { now: done.endMin, next, readyAt, opened }
}

const start = ({ chains, readyMin, openedMin }: ScheduleRequest): State => ({
  now: 0,
  next: chains.map(() => 0),
  readyAt: chains.map((_, f) => readyMin?.[f] ?? 0),
  opened: new Map(Object.entries(openedMin ?? {})),
})

/**
 * The brush goes to what can start first; of those that can start before any would end, to the figure
 * with most still to come, and to one whose puddle is open.
 */
function inTurn(request: ScheduleRequest, tails: readonly number[][]): ScheduledMove[] {
  const moves: ScheduledMove[] = []
  let state = start(request)
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

/** Every order is searched, those that cannot beat the best left out. */
function searched(
  request: ScheduleRequest,
  tails: readonly number[][],
  known: ScheduledMove[],
): { moves: ScheduledMove[]; whole: boolean } {
  const endOf = (moves: readonly ScheduledMove[]): number => moves.at(-1)?.endMin ?? 0
  let best = known
  let nodes = 0
  const walk = (state: State, done: ScheduledMove[]): void => {
    if (nodes++ > MOST_NODES) return
    let work = 0
    let bound = state.now
    const open: number[] = []
    request.chains.forEach((chain, f) => {
      if (state.next[f]! >= chain.length) return
      open.push(f)
      for (let i = state.next[f]!; i < chain.length; i++) work += chain[i]!.workMin
      bound = Math.max(bound, Math.max(state.now, state.readyAt[f]!) + tails[f]![state.next[f]!]!)
    })
    if (open.length === 0) {
      if (endOf(done) < endOf(best) - 1e-9) best = [...done]
      return
    }
    if (Math.max(bound, state.now + work) >= endOf(best) - 1e-9) return
    const tries = open
      .map((figure) => ({ figure, done: step(request, state, figure) }))
      .sort((one, other) => one.done.startMin - other.done.startMin)
    for (const one of tries) {
      done.push(one.done)
      walk(after(state, one.figure, one.done), done)
      done.pop()
    }
  }
  walk(start(request), [])
  return { moves: best, whole: nodes <= MOST_NODES }
}

/**
 * An order of moves for one brush over figures in rotation: short, never against a figure's own order or
 * its drying, and a puddle that has dried is mixed again. Found exactly while there are few moves;
 * beyond that a good order with a lower bound: all work with every puddle mixed once, or the longest figure.
 * @throws RangeError for a time that is negative or no number.
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
  const few = quick.length <= EXACT_MOVES
  const found = few ? searched(request, tails, quick) : { moves: quick, whole: false }
  const totalMin = found.moves.at(-1)?.endMin ?? 0
  const work = quick.reduce((sum, { move }) => sum + move.workMin, 0)
  const puddles = new Set(quick.flatMap(({ move }) => move.puddle ?? []))
  const unopened = [...puddles].filter((name) => request.openedMin?.[name] === undefined).length
  const boundMin = found.whole
    ? totalMin
    : Math.max(
        work + unopened * request.mixMin,
        ...tails.map((tail, f) => (tail[0]! > 0 ? (request.readyMin?.[f] ?? 0) + tail[0]! : 0)),
        0,
      )
  const busy = found.moves.reduce((sum, { startMin, endMin }) => sum + endMin - startMin, 0)
  return {
    moves: found.moves,
    totalMin,
    idleMin: totalMin - busy,
    boundMin,
    proved: found.whole || totalMin <= boundMin + 1e-9,
  }
}

/** Least number of like figures in rotation with which the brush hardly ever waits. */
export function figuresWithoutWaiting(
  chain: readonly BenchMove[],
  times: { mixMin: number; puddleLifeMin: number },
  most = 20,
): number {
  for (let many = 1; many <= most; many++) {
    const chains = Array.from({ length: many }, (_, n) =>
      chain.map((move) => ({ ...move, id: `${n} ${move.id}`, figure: `${n}` })),
    )
    const { idleMin, totalMin } = schedule({ chains, ...times })
    if (idleMin <= 0.02 * totalMin) return many
  }
  return most
}

/** Moves of a schedule evening by evening: it is stopped where the next move would run over. */
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
