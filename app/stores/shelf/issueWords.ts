import type { FileIssue } from '../../../core'

/** The first of what is wrong with stored work, and how much more there is. */
export const issueWords = (issues: readonly FileIssue[]): string =>
  issues
    .slice(0, 4)
    .map(({ place, message }) => `${place}: ${message}`)
    .join('; ') + (issues.length > 4 ? `; and ${issues.length - 4} more` : '')
