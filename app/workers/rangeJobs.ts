import type { BestSet, Lab, Limits, Paint } from '../../core'

/** Bottles to choose from, and what all figures aim at. */
export interface TableJob {
  paints: Paint[]
  targets: Lab[]
  maxDrops: number
  /** More bottles than this are shortlisted first. */
  most: number
  /** Bottles that are looked at whatever they are used for. */
  must: string[]
}

/** A ladder, the bottles on the table, and those that might help. */
export interface HelpJob {
  targets: Lab[]
  table: Paint[]
  others: Paint[]
  limits: Limits
}
/** What one more bottle takes off a ladder's mean miss, by its id, ΔE00. */
export interface HelpAnswer {
  id: string
  brings: number
}

/** What is on the table, and what all figures aim at: which strong bottles to let down. */
export interface LetDownsJob {
  paints: Paint[]
  white: Paint
  targets: Lab[]
  maxDrops: number
}

/** Which few are wanted; paints by id. */
export interface FewWishes {
  size: number
  pinned: string[]
  out: string[]
  /** ΔE00 of the mean that a bottle has to bring beside, by id. */
  costs: Record<string, number>
}

/** A best set by id, with how sure it is. */
export type FewAnswer = Omit<BestSet, 'set'> & { set: string[] }
