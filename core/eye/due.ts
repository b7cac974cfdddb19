import type { EyeAnswer } from './answer'
import { thresholdFor } from './measure'
import { isPlaced, skillKeys, skills } from './skills'
import type { Skill } from './skills'

const DAY_MS = 86_400_000
/** A skill is due again when it has rested so long, days. */
const RESTS = 3
/** Shares of what speaks for a skill: it is not known well yet, it is weak, it has rested. */
const UNKNOWN = 1
const WEAK = 0.8
const RESTED = 0.6

/** A skill and how much speaks for asking it. */
export interface Due {
  skill: Skill
  due: number
}

/**
 * What is due, most first: what is not known surely yet, what is weak by its own beginning, and what has rested.
 * @param hues whether hues may be asked about.
 * @example dueSkills([], 0, false).some(({ skill }) => skill === 'warmer') // false
 */
export function dueSkills(answers: readonly EyeAnswer[], now: number, hues: boolean): Due[] {
  return skillKeys
    .filter((skill) => hues || skills[skill].needs === 'lightness')
    .map((skill) => {
      const { threshold, low, high } = thresholdFor(skill, answers)
      const last = answers.findLast((one) => one.skill === skill)?.at
      const rested = last === undefined ? 1 : Math.min(1, (now - last) / (RESTS * DAY_MS))
      const unknown = Math.min(1, Math.log(high / low) / 2)
      // Against where everybody begins; a placed answer begins where its slider lets it.
      const weak = Math.min(1, threshold / (skills[skill].from / (isPlaced(skill) ? 1 : 2)))
      return { skill, due: UNKNOWN * unknown + WEAK * weak + RESTED * rested }
    })
    .sort((one, other) => other.due - one.due)
}

/**
 * The skill to ask next in a session: what is due, but not the same twice in a row and none more than its share.
 * @param asked the skills of this session so far.
 * @example nextSkill(dueSkills([], 0, true), ['lighter'], () => 0) === 'lighter' // false
 */
export function nextSkill(
  due: readonly Due[],
  asked: readonly Skill[],
  chance: () => number,
): Skill {
  const open = due.filter(({ skill }) => due.length < 2 || skill !== asked.at(-1))
  const weights = open.map(({ skill, due: one }) => {
    const times = asked.filter((other) => other === skill).length
    return (one + 0.05) ** 2 / (1 + times)
  })
  let left = chance() * weights.reduce((sum, one) => sum + one, 0)
  const at = weights.findIndex((one) => (left -= one) <= 0)
  return open[Math.max(0, at)]!.skill
}
