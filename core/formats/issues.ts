import type { FileIssue } from '../project/issue'

/** What reading a file gives: all of it, or nothing and the reasons. */
export type ReadResult<T> = { ok: true; value: T } | { ok: false; issues: FileIssue[] }

/** A reason is read by somebody: what a file holds is quoted in it as far as that serves, in characters. */
const MOST_SAID = 200
const bounded = (words: string): string =>
  words.length > MOST_SAID ? `${words.slice(0, MOST_SAID - 1)}…` : words

/** A file is not taken, for these reasons; none is longer than can be read. */
export const refusedFor = (issues: readonly FileIssue[]): ReadResult<never> => ({
  ok: false,
  issues: issues.map(({ place, message }) => ({
    place: bounded(place),
    message: bounded(message),
  })),
})

/** … for one reason. */
export const refused = (place: string, message: string): ReadResult<never> =>
  refusedFor([{ place, message }])
