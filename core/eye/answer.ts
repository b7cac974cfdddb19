import type { Skill } from './skills'

/** One answer of an eye: what was asked, when, and whether it was right, or how far off. */
export interface EyeAnswer {
  /** Made once, so that the same answer is known again. */
  id: string
  /** Time, ms since 1970. */
  at: number
  skill: Skill
  /** The difference that was shown, in the unit of the skill. */
  level?: number
  right?: boolean
  /** How far off a place was, where a place was asked for. */
  off?: number
}
