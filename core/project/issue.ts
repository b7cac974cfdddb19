/** One thing wrong with a file or a state: where, what was found and what is allowed. */
export interface FileIssue {
  /** `figures[2].tone.melanin`, `line 14`, or the file as a whole. */
  place: string
  message: string
}
