import type { FileIssue } from '../project/issue'
import { refused } from './issues'
import type { ReadResult } from './issues'

const placeOf = (path: readonly { key: unknown }[] | undefined): string =>
  (path ?? [])
    .map(({ key }) => (typeof key === 'number' ? `[${key}]` : `.${String(key)}`))
    .join('')
    .replace(/^\./, '') || 'the file'

/** Line and column of a character, counted from 1. */
function lineAt(text: string, at: number): string {
  const lines = text.slice(0, at).split('\n')
  return `line ${lines.length}, column ${lines.at(-1)!.length + 1}`
}

/** Whether text is JSON as far as it goes, and only stops. */
const stopsOnly = (said: string, length: number): boolean =>
  /end of (JSON )?input|end of data|Unterminated/i.test(said) ||
  Number(/position (\d+)/.exec(said)?.[1]) === length

/** Text beyond this is not looked through for its fault, characters: it would take seconds. */
const MOST_LOOKED_THROUGH = 2_000_000

/** Length of the shortest beginning that no JSON begins with, by halves. */
function faultAt(text: string): number {
  let [sound, faulty] = [0, text.length]
  while (faulty - sound > 1) {
    const middle = (sound + faulty) >> 1
    try {
      JSON.parse(text.slice(0, middle))
      sound = middle
    } catch (error) {
      if (stopsOnly(String(error), middle)) sound = middle
      else faulty = middle
    }
  }
  return sound
}

/** Where text stops being JSON: as the engine says it, by the character or by line and column, or looked for. */
function faultIn(text: string, said: string): string {
  const position = /position (\d+)/.exec(said)
  if (position) return lineAt(text, Number(position[1]))
  const line = /line (\d+) column (\d+)/.exec(said)
  if (line) return `line ${line[1]}, column ${line[2]}`
  return text.length > MOST_LOOKED_THROUGH ? 'the file' : lineAt(text, faultAt(text))
}

/** Why text is no JSON, with its line. */
export function jsonError(text: string, error: unknown): ReadResult<never> {
  const said = String(error)
  return stopsOnly(said, text.length)
    ? refused(
        lineAt(text, text.length),
        'the file stops in the middle; it was cut off when it was saved or copied',
      )
    : refused(faultIn(text, said), 'this is not JSON; something here does not belong')
}

/** What Valibot says of its own accord, as one would say it. */
function plainly(message: string): string {
  const missing = /^Invalid key: Expected "(.+)" but received undefined$/.exec(message)
  if (missing) return `"${missing[1]}" is missing`
  const other = /^Invalid [\w ]+: Expected (.+) but received (.+)$/s.exec(message)
  if (!other) return message
  const [, wanted, given] = other
  return `is ${given === 'null' || given === 'undefined' ? 'nothing' : given}; wanted is ${wanted}`
}

/** Valibot's issues as places and messages. */
export const issuesOf = (
  issues: readonly { path?: readonly { key: unknown }[]; message: string }[],
): FileIssue[] =>
  issues.map(({ path, message }) => ({ place: placeOf(path), message: plainly(message) }))
