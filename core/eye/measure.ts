import type { EyeAnswer } from './answer'
import { placedOff } from './placed'
import { isPlaced, skills } from './skills'
import type { Skill } from './skills'
import { Staircase } from './staircase'
import type { Threshold } from './staircase'

/** So many answers of a skill are counted, the newest: an eye changes. */
const NEWEST = 80

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

/** Answers are never changed and their ids are theirs alone: what some of them say is worked out once. */
const known = new Map<string, Threshold>()
const MOST_KNOWN = 4000

/**
 * What an eye tells apart in a skill, in the skill's unit, from its newest 80 answers.
 * @example thresholdFor('ratio', [{ id: 'a', at: 0, skill: 'ratio', off: 1 }]).threshold // 1
 */
export function thresholdFor(skill: Skill, answers: readonly EyeAnswer[]): Threshold {
  const newest = ofSkill(skill, answers)
  const key = `${skill} ${newest[0]?.id} ${newest.at(-1)?.id} ${newest.length}`
  let found = known.get(key)
  if (!found) {
    if (known.size > MOST_KNOWN) known.clear()
    const offs = newest.flatMap(({ off }) => (off === undefined ? [] : [off]))
    found = isPlaced(skill)
      ? placedOff(offs, skills[skill].from)
      : staircaseOf(skill, newest).threshold()
    known.set(key, found)
  }
  return found
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
 * How a skill went over time: one point for every day on which it was asked, worked out as they are asked for. Each day
 * counts its own answers and, where these are few, those before them.
 * @param startOfDay the start of the day of a time, ms.
 * @example [...trendOf('ratio', [{ id: 'a', at: 0, skill: 'ratio', off: 1 }])].length // 1
 */
export function* trendOf(
  skill: Skill,
  answers: readonly EyeAnswer[],
  startOfDay: (at: number) => number = (at) => Math.floor(at / DAY_MS) * DAY_MS,
): Generator<TrendPoint> {
  const mine = answers.filter((one) => one.skill === skill)
  const days = mine.map(({ at }) => startOfDay(at))
  let begun = 0
  for (let i = 0; i < mine.length; i++) {
    const day = days[i]!
    if (days[i + 1] === day) continue
    const from = Math.max(0, Math.min(begun, i + 1 - TREND_ANSWERS))
    yield { day, answers: i + 1 - begun, ...thresholdFor(skill, mine.slice(from, i + 1)) }
    begun = i + 1
  }
}
