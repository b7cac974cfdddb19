import type { EyeAnswer } from './answer'
import { thresholdFor } from './measure'
import type { Skill } from './skills'

/** So many times the threshold of lightness is much: an eye that tells reds from greens, or hues, less than others do. */
const OFTEN = 4

/**
 * Skills of hue in which an eye that tells lightness apart well is weak for sure: the low end of the threshold lies far
 * above that of lightness. Common practice, no source; it is no test of colour vision.
 * @param enough answers a skill needs before anything is said of it.
 * @example weakHues([], 20) // []
 */
export function weakHues(answers: readonly EyeAnswer[], enough: number): Skill[] {
  const many = (skill: Skill): number => answers.filter((one) => one.skill === skill).length
  if (many('lighter') < enough) return []
  const light = thresholdFor('lighter', answers).threshold
  return (['redder', 'greyer'] as const).filter(
    (skill) => many(skill) >= enough && thresholdFor(skill, answers).low > OFTEN * light,
  )
}
