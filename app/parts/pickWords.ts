/** The words of the first limit that a value does not pass. */
export const pick = (value: number, words: readonly (readonly [number, string])[]): string =>
  (words.find(([most]) => value <= most) ?? words.at(-1)!)[1]
