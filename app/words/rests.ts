import type { Cause, MoveOf } from '../../core'
import { listWords } from './counts'

/** What was changed, as one says it. */
const causes: Readonly<Record<Cause, string>> = {
  tone: 'the new tone',
  light: 'the new light',
  aims: 'the moved aim',
  form: 'the new form',
  size: 'the new size',
  number: 'how many there are now',
  steps: 'the new number of steps',
  mixing: 'the new way of mixing',
  bottles: 'the bottles that are in now',
  table: 'the bottles on the table now',
  paints: 'what is known of the bottles now',
  'let-downs': 'what is let down now',
  coats: 'the changed coats',
}

/** @example causeWords(['tone']) // "the new tone" */
export const causeWords = (of: readonly Cause[]): string => listWords(of.map((one) => causes[one]))

const counted = (n: number, one: string, many: string): string[] =>
  n === 0 ? [] : [n === 1 ? one : `${n} ${many}`]

/**
 * Moves by what they are of, counted.
 * @example movesWords([{ kind: 'undercoat' }]) // "the undercoat"
 */
export function movesWords(moves: readonly MoveOf[]): string {
  const of = (kind: MoveOf['kind']): number => moves.filter((move) => move.kind === kind).length
  return listWords([
    ...counted(of('undercoat'), 'the undercoat', 'undercoats'),
    ...counted(of('sketch'), 'the value sketch', 'value sketches'),
    ...counted(of('coat'), 'a coat', 'coats'),
    ...counted(of('accent'), 'a place of life', 'places of life'),
    ...counted(of('detail'), 'a small part', 'small parts'),
  ])
}

interface Told {
  causes: readonly Cause[]
  moves: readonly MoveOf[]
  mixes: readonly { name: string }[]
  anew?: boolean
  begun?: boolean
}
const started = (text: string): string => text[0]!.toUpperCase() + text.slice(1)

/** Coats that were laid and are mixed otherwise now. */
export const followedWords = ({ causes, moves }: Told): string =>
  `With ${causeWords(causes)} ${movesWords(moves)} ${moves.length === 1 && moves[0]!.kind !== 'detail' ? 'changes' : 'change'}.`

/** Mixes that stay, though what they were for has changed. */
export function heldWords({ causes, mixes, anew, begun }: Told): string {
  const [many, them] =
    mixes.length === 1 ? ['a mix stays', 'it'] : [`${mixes.length} mixes stay`, 'them']
  const stays = begun
    ? `Painting has begun: ${many} as poured, in spite of ${causeWords(causes)}`
    : `${started(many)} as the method made ${them}, in spite of ${causeWords(causes)}`
  return anew ? `${stays}; to follow, the method is begun anew.` : `${stays}.`
}

/** Moves that were done before their coat was changed. */
export const paintedWords = ({ moves }: Told): string =>
  `${started(movesWords(moves))} had been painted before ${moves.length === 1 ? 'it was' : 'they were'} changed.`

/** What can be answered: of one mix it, of several them. */
export function answerWords({ mixes }: Pick<Told, 'mixes'>) {
  const [them, are, were] = mixes.length === 1 ? ['it', 'is', 'was'] : ['them', 'are', 'were']
  const they = mixes.length === 1 ? 'it' : 'they'
  return {
    stay: `Keep ${them} as ${they} ${are}`,
    back: `Keep ${them} as ${they} ${were}`,
    follow: `Let ${them} follow`,
  }
}
