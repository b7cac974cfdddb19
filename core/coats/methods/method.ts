import type { StackPlan } from '../plan'

/** A ready stack to start from; common practice, no source. */
export interface Method extends StackPlan {
  key: string
  name: string
  /** What it is for. */
  suits: string
  effort: 'quick' | 'usual' | 'long'
  risk: string
}
