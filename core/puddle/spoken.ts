import { canBeGiven, dispensed, TOUCH } from './dispense'
import { isBottle } from './puddle'
import type { Ingredient, PuddlePart } from './puddle'

/** What a mix may be said to hold: a bottle or a puddle by the name it goes by. */
export interface Named {
  name: string
  of: Ingredient
  /** Colour Index names of a bottle. */
  pigments?: readonly string[]
}

/** A mix said in words, or what of it was not understood. */
export type Spoken =
  | { parts: PuddlePart[] }
  /** No bottle or puddle goes by these words; nothing where nothing was said. */
  | { unknown: string }

const numbers: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
}
/** Amounts of little; common practice, no source. */
const little: readonly (readonly [RegExp, number])[] = [
  [/^(a |the )?(touch|hint|toothpick)( of)? /, TOUCH],
  [/^(a |the )?spot( of)? /, 2 * TOUCH],
  [/^(a )?(quarter|¼)( of)?( a)?( drop)?( of)? /, 0.25],
  [/^(a )?(half|½)( of)?( a)?( drop)?( of)? /, 0.5],
  [/^a little( of)? /, 0.5],
]
/** What something that no amount is said of stands for beside something that is little of. */
const MAIN = 4
/** Words of hue as the Colour Index sorts pigments: PR is a red, PBr a brown. */
const hues: Readonly<Record<string, string>> = {
  blue: 'PB',
  red: 'PR',
  yellow: 'PY',
  orange: 'PO',
  green: 'PG',
  violet: 'PV',
  purple: 'PV',
  brown: 'PBr',
  black: 'PBk',
  white: 'PW',
}

const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[’']/g, '')
    .replace(/[^\p{L}\p{N}½¼.:+]+/gu, ' ')
    .trim()
const bare = (text: string): string => plain(text).replace(/^(the|a|an|my|some) /, '')

/** Words that say which of a hue is meant; any will do where no name has them. */
const shade = /^((dark|deep|pale|light|bright|warm|cold|cool|strong) )+/

/**
 * The one that goes by some words: by its whole name, else the first bottle of that hue, else the first bottle that has all of
 * them, and only then a mix whose name merely has them in it.
 */
function named(words: string, among: readonly Named[]): Named | undefined {
  const wanted = bare(words)
  if (wanted === '') return undefined
  const names = among.map((one) => ({ one, name: bare(one.name), bottle: isBottle(one.of) }))
  const split = wanted.split(' ')
  const first = names.find(({ name }) => name === wanted)
  const every = names.filter(({ name }) => split.every((word) => name.split(' ').includes(word)))
  const hue = hues[wanted.replace(shade, '')]
  const ofHue = among.find(({ pigments }) =>
    pigments?.some((pigment) => hue !== undefined && pigment.replace(/\d.*$/, '') === hue),
  )
  const inBottle = every.find(({ bottle }) => bottle)
  // A word of hue alone is a pigment of that hue: “green” is no blue of a green shade.
  return first?.one ?? ofHue ?? inBottle?.one ?? every[0]?.one
}

/** How much is said of something, and what of. */
function amountOf(said: string): { drops?: number; words: string } {
  const text = `${plain(said)} `
  for (const [how, drops] of little)
    if (how.test(text)) return { drops, words: text.replace(how, '') }
  const many = /^(\d+|[a-z]+)( ?(drops?|parts?|brush loads?))?( of)? /.exec(text)
  const drops = many && (numbers[many[1]!] ?? Number(many[1]))
  if (many && drops && Number.isInteger(drops)) return { drops, words: text.slice(many[0].length) }
  return { words: text.replace(/^(parts?|drops?) of /, '') }
}

/**
 * A mix as a painter says it: “the flesh with a spot of blue”, “3 base : 1 light”, “three parts of base to one of light”,
 * “blue and flesh half and half”. What no amount is said of is one part, or four beside a touch.
 * @param among bottles and puddles there are, those that are meant first standing first.
 * @example spoken('3 ochre and a touch of white', [{ name: 'ochre', of: { bottle: 'o' } }, { name: 'white', of: { bottle: 'w' } }]).parts[0].drops // 3
 */
export function spoken(text: string, among: readonly Named[]): Spoken {
  const said = text
    .toLowerCase()
    .replace(/,? ?(half and half|in equal parts|equal parts|1:1)\.?$/, '')
    .replace(/^(equal parts|half and half)( of)? /, '')
  const pieces = said
    // A number begins a part, whether or not anything stands before it: “3 yellow 2 red 1 dark blue”.
    .replace(/(?<=[a-z]) (?=\d+ [a-z])/g, ', ')
    .split(/,? (?:and|with|to|plus|into) |\s*[+,:;]\s*/)
    .map((piece) => piece.trim())
    .filter((piece) => piece !== '')
  if (pieces.length === 0) return { unknown: '' }
  const parts: { of: Ingredient; drops?: number }[] = []
  for (const piece of pieces) {
    const { drops, words } = amountOf(piece)
    const found = named(words, among)
    if (!found) return { unknown: words.trim() || piece }
    parts.push({ of: found.of, ...(drops === undefined ? {} : { drops }) })
  }
  const usual = parts.some(({ drops }) => drops !== undefined && drops < 1) ? MAIN : 1
  const ratio = parts.map(({ drops = usual }) => drops)
  // A quarter of a drop is no amount: the same ratio in drops that can be given.
  const given = ratio.every(canBeGiven) ? ratio : dispensed(ratio).drops
  return { parts: parts.map(({ of }, i) => ({ of, drops: given[i]! })) }
}
