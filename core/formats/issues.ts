/** One thing wrong with a file: where, what was found and what is allowed. */
export interface FileIssue {
  /** `figures[2].tone.melanin`, `line 14`, or the file as a whole. */
  place: string
  message: string
}

/** What reading a file gives: all of it, or nothing and the reasons. */
export type ReadResult<T> = { ok: true; value: T } | { ok: false; issues: FileIssue[] }

export const refused = (place: string, message: string): ReadResult<never> => ({
  ok: false,
  issues: [{ place, message }],
})
