/** Words that come from a library or from a mistake of ours, not from us. */
const STRANGE =
  /undefined|\bnull\b|NaN|\[object|is not a function|is not iterable|Cannot (read|destructure|convert)|Unexpected (token|end)|call stack|out of bounds|Invalid (type|typed)/

/** What is quoted is the file's. */
const QUOTED = /'.*'|".*"|“.*”/gs

/** A reason as a painter reads it: of 5 to 200 letters, and in our words. */
const isGood = (message: string): boolean =>
  message.length > 4 && message.length <= 200 && !STRANGE.test(message.replace(QUOTED, ''))

interface Answer {
  ok?: boolean
  issues?: { message: string }[]
}

/**
 * What a parser says of a file: that it is read, that it is refused in good words, or what is bad about it. Where it throws, it
 * is what it says it throws.
 */
export function answered(parse: () => unknown): 'read' | 'words' | { bad: string } {
  let reasons: string[]
  try {
    const answer = parse() as Answer | undefined
    if (answer?.ok !== false) return 'read'
    reasons = answer.issues!.map(({ message }) => message)
  } catch (error) {
    if (!(error instanceof RangeError)) return { bad: String(error) }
    reasons = [error.message]
  }
  if (reasons.length === 0) return { bad: 'refused without a reason' }
  const strange = reasons.find((reason) => !isGood(reason))
  return strange === undefined ? 'words' : { bad: `“${strange}” (${strange.length} letters)` }
}
