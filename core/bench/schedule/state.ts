import type { ScheduledMove, ScheduleRequest } from './request'

/** Where the bench stands after some moves. */
export interface State {
  now: number
  /** Place of each figure's next move in its chain. */
  next: number[]
  /** When each figure is dry. */
  readyAt: number[]
  /** When each puddle was mixed last. */
  opened: Map<string, number>
}

export const startOf = ({ chains, readyMin, openedMin }: ScheduleRequest): State => ({
  now: 0,
  next: chains.map(() => 0),
  readyAt: chains.map((_, f) => readyMin?.[f] ?? 0),
  opened: new Map(Object.entries(openedMin ?? {})),
})

/** What starting a figure's next move now would be: when, whether its puddle is mixed, when it ends. */
export function step(request: ScheduleRequest, state: State, figure: number): ScheduledMove {
  const move = request.chains[figure]![state.next[figure]!]!
  const startMin = Math.max(state.now, state.readyAt[figure]!)
  const opened = move.puddle === undefined ? undefined : state.opened.get(move.puddle)
  const lasts = opened !== undefined && startMin + move.workMin <= opened + request.puddleLifeMin
  const mixes = move.puddle !== undefined && !lasts
  return { move, startMin, mixes, endMin: startMin + (mixes ? request.mixMin : 0) + move.workMin }
}

export function after(state: State, figure: number, done: ScheduledMove): State {
  const next = [...state.next]
  const readyAt = [...state.readyAt]
  next[figure]!++
  readyAt[figure] = done.endMin + done.move.dryMin
  let { opened } = state
  if (done.mixes) opened = new Map(opened).set(done.move.puddle!, done.startMin)
  return { now: done.endMin, next, readyAt, opened }
}
