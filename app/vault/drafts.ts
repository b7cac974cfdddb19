import { dropTwice, keepTwice, readTwice, recall } from './twice'

const KEY = 'cobaltfinch-draft '

/** What is filled in and not yet kept, by what it is of. */
export const keepDraft = (of: string, draft: unknown): void => keepTwice(KEY + of, { draft })
export const draftOf = (of: string): unknown =>
  (readTwice(KEY + of) as { draft?: unknown } | undefined)?.draft
export const dropDraft = (of: string): void => dropTwice(KEY + of)
/** Once what a browser that was killed had in hand is there to be read. */
export const draftsRecalled = (): Promise<void> => recall(KEY)
