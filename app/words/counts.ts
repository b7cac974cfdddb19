const NUMBERS = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
]

/** A number in words up to twelve, and what there is so many of: “four figures”. */
export const manyWords = (n: number, one: string, several: string): string =>
  `${NUMBERS[n] ?? String(n)} ${n === 1 ? one : several}`

/**
 * Several as one says them.
 * @example listWords(['base', 'shade', 'light']) // "base, shade and light"
 */
export const listWords = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`

const DAY_MS = 86_400_000
const sameDay = (one: Date, other: Date): boolean => one.toDateString() === other.toDateString()

/** When something was, as one would say it today. */
export function whenWords(at: number, now: number): string {
  if (at === 0) return 'some time ago'
  const [then, today] = [new Date(at), new Date(now)]
  const time = `${then.getHours()}:${String(then.getMinutes()).padStart(2, '0')}`
  if (sameDay(then, today)) return `today, ${time}`
  if (sameDay(then, new Date(now - DAY_MS))) return 'yesterday'
  return `${then.getFullYear()}-${String(then.getMonth() + 1).padStart(2, '0')}-${String(then.getDate()).padStart(2, '0')}`
}
