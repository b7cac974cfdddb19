import type { FileIssue } from '../project/issue'

/** What reading a file gives: all of it, or nothing and the reasons. */
export type ReadResult<T> = { ok: true; value: T } | { ok: false; issues: FileIssue[] }

export const refused = (place: string, message: string): ReadResult<never> => ({
  ok: false,
  issues: [{ place, message }],
})
