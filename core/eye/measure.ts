import type { EyeAnswer } from './answer'
import { placedOff } from './placed'
import { isPlaced, skills } from './skills'
import type { Skill } from './skills'
import { Staircase } from './staircase'
import type { Threshold } from './staircase'

/** So many answers of a skill are counted, the newest: an eye changes. */
const NEWEST = 120

const ofSkill = (skill: Skill, answers: readonly EyeAnswer[]): EyeAnswer[] =>
  answers.filter((one) => one.skill === skill).slice(-NEWEST)

/**
 * The staircase of a skill as far as it has come.
 * @example staircaseOf('lighter', []).next(0.5) > 1 // true
 */
export function staircaseOf(skill: Skill, answers: readonly EyeAnswer[]): Staircase {
  const seen = ofSkill(skill, answers).flatMap(({ level, right }) =>
    level === undefined || right === undefined ? [] : [{ level, right }],
  )
  return new Staircase(skills[skill], seen)
}

/**
 * What an eye tells apart in a skill, in the skill's unit, from its newest 120 answers.
 * @example thresholdFor('ratio', [{ id: 'a', at: 0, skill: 'ratio', off: 1 }]).threshold // 1
 */
export function thresholdFor(skill: Skill, answers: readonly EyeAnswer[]): Threshold {
  if (!isPlaced(skill)) return staircaseOf(skill, answers).threshold()
  const offs = ofSkill(skill, answers).flatMap(({ off }) => (off === undefined ? [] : [off]))
  return placedOff(offs, skills[skill].from)
}

const DAY_MS = 86_400_000
/** A point of the trend rests on so many answers at least, where there are so many. */
const TREND_ANSWERS = 30

/** A threshold on a day, from all answers up to its end. */
export interface TrendPoint extends Threshold {
  /** Start of the day, ms, where the painter is. */
  day: number
  answers: number
}

/**
 * How a skill went over time: one point for every day on which it was asked. Each day counts its own answers and, where
 * these are few, those before them.
 * @param startOfDay the start of the day of a time, ms.
 * @example trendOf('ratio', [{ id: 'a', at: 0, skill: 'ratio', off: 1 }]).length // 1
 */
export function trendOf(
  skill: Skill,
  answers: readonly EyeAnswer[],
  startOfDay: (at: number) => number = (at) => Math.floor(at / DAY_MS) * DAY_MS,
): TrendPoint[] {
  const mine = answers.filter((one) => one.skill === skill)
  const points: TrendPoint[] = []
  mine.forEach((one, i) => {
    const day = startOfDay(one.at)
    const next = mine[i + 1]
    if (next && startOfDay(next.at) === day) return
    const begun = mine.findIndex(({ at }) => startOfDay(at) === day)
    const from = Math.max(0, Math.min(begun, i + 1 - TREND_ANSWERS))
    const upTo = mine.slice(from, i + 1)
    points.push({ day, answers: i + 1 - begun, ...thresholdFor(skill, upTo) })
  })
  return points
}
