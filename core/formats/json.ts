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

/** Why text is no JSON, with the line. */
export function jsonError(text: string, error: unknown): ReadResult<never> {
  const position = /position (\d+)/.exec(String(error))
  const ends = /end of (JSON )?input|Unterminated/i.test(String(error))
  const at = position ? Number(position[1]) : text.length
  return refused(
    lineAt(text, at),
    ends
      ? 'the file stops in the middle; it was cut off when it was saved or copied'
      : 'this is not JSON as a project file is; something here does not belong',
  )
}

/** Valibot's issues as places and messages. */
export const issuesOf = (
  issues: readonly { path?: readonly { key: unknown }[]; message: string }[],
): FileIssue[] => issues.map(({ path, message }) => ({ place: placeOf(path), message }))
