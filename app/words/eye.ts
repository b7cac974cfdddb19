import { skills } from '../../core'
import type { Exercise, EyePart, PickExercise, Skill, Threshold } from '../../core'

interface SkillWords {
  name: string
  question: string
  /** What getting better at it is good for. */
  serves: string
}

export const skillWords: Readonly<Record<Skill, SkillWords>> = {
  lighter: {
    name: 'Lighter',
    question: 'Which is lightest?',
    serves: 'values, hidden in hue',
  },
  warmer: {
    name: 'Warmer',
    question: 'Which is warmest, nearest to orange?',
    serves: 'where a skin leans',
  },
  redder: { name: 'Redder', question: 'Which is reddest?', serves: 'blood in a mix' },
  greyer: { name: 'Greyer', question: 'Which is greyest?', serves: 'chalk and mud' },
  order: {
    name: 'In order',
    question: 'Put them in order: press each, from dark to light.',
    serves: 'a ladder by eye',
  },
  breaks: {
    name: 'Breaks the ladder',
    question: 'Which step does not belong in its place?',
    serves: 'even steps',
  },
  ratio: {
    name: 'Half-way',
    question: '1 : 1 is not half-way. Where is it?',
    serves: 'strong and weak bottles',
  },
  well: {
    name: 'In the well',
    question: 'What is in this well?',
    serves: 'mixing without measuring',
  },
  more: {
    name: 'One drop more',
    question: 'One drop more of which makes the first into the second?',
    serves: 'putting right',
  },
  dried: {
    name: 'When dry',
    question: 'What will it be?',
    serves: 'wet paint, thin coats, glazes',
  },
  skin: {
    name: 'Which skin',
    question: 'Where on the field is this skin?',
    serves: 'melanin and blood',
  },
  same: {
    name: 'Same or different',
    question: 'In one pair the two differ. Which?',
    serves: 'what the table shows',
  },
}

const dryingWords = {
  wet: 'This is wet. What will it be when it is dry, matt?',
  black: 'The first, thinned 1 : 1, one coat over the second. What will it be?',
  white: 'The first, thinned 1 : 1, one coat over the second. What will it be?',
  glaze: 'A glaze of the second, 6 : 1, over the first. What will it be?',
} as const

/** What is asked, in one sentence. */
export const questionWords = (one: Exercise): string =>
  one.drying ? dryingWords[one.drying] : skillWords[one.skill].question

/** How sure a number is, with its unit. */
const rounded = (n: number): string => (n < 1 ? n.toFixed(2) : n < 10 ? n.toFixed(1) : n.toFixed(0))

/**
 * A threshold in words with its unit: “1.4 ΔL*”; of a ratio as what one is off by: “1.3 times”.
 * @example thresholdWords('lighter', { threshold: 1.4, low: 1, high: 2 }) // "1.4 ΔL*"
 */
export const thresholdWords = (
  skill: Skill,
  { threshold }: Pick<Threshold, 'threshold'>,
): string =>
  skills[skill].unit === 'doublings'
    ? `${(2 ** threshold).toFixed(2)} times`
    : `${rounded(threshold)} ${skills[skill].unit}`

export const partsWords = (parts: readonly EyePart[], nameOf: (id: string) => string): string =>
  parts.map(({ paint, drops }) => `${drops} ${nameOf(paint)}`).join(' + ')

/** A ratio of two bottles, as painters write it. */
export const ratioWords = (doublings: number): string =>
  doublings >= 0 ? `1 : ${rounded(2 ** doublings)}` : `${rounded(2 ** -doublings)} : 1`

const apart: Readonly<Partial<Record<Skill, string>>> = {
  lighter: 'lighter',
  warmer: 'nearer to orange',
  redder: 'redder',
  greyer: 'greyer',
}

/** What was right, with its number; every number is the core's. */
export function truthWords(one: PickExercise, nameOf: (id: string) => string): string {
  const at = one.right + 1
  const by = `${rounded(one.level)} ${skills[one.skill].unit}`
  const right = one.options[one.right]!
  if (one.skill === 'well')
    return `${at}: ${partsWords(right.parts!, nameOf)}. The nearest other looks ${by} off.`
  if (one.skill === 'more')
    return `${at}: ${partsWords(right.parts!, nameOf)}. The next best misses it by ${by}.`
  if (one.skill === 'breaks') return `Step ${at} is ${by} from where an even ladder has it.`
  if (one.skill === 'same') return `The two of ${at} are ${by} apart; all others are one colour.`
  if (one.skill === 'dried') return `${at}. The others are ${by} from it.`
  return `${at} is ${apart[one.skill]!} by ${by}.`
}
