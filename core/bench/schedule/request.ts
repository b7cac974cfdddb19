import type { MoveRef } from '../../project/move'

/** One thing to do on a figure, in its order. */
export interface BenchMove extends MoveRef {
  /** The move's key (`moveKey`): what it is of is said by `figure`, `copy` and `of`. */
  id: string
  /** What is done. */
  words: string
  workMin: number
  /** How long it has to dry before the next move on the same figure. */
  dryMin: number
  /** The puddle it is painted from; the first use mixes it. */
  puddle?: string
  /** Wells that stand in it, by their keys (`ingredientKey`), where they are known. */
  wells?: readonly string[]
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
  /** Moves by their keys as they were in order before: that order stays where no other is sooner done. */
  before?: readonly string[]
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
