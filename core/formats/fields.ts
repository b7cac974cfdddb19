import * as v from 'valibot'

/** A number within limits, ends included. */
export const within = ([least, most]: readonly [number, number]) =>
  v.pipe(
    v.number(`is not a number; allowed is ${least} to ${most}`),
    v.check(
      (n) => Number.isFinite(n) && n >= least && n <= most,
      ({ input }) => `is ${String(input)}; allowed is ${least} to ${most}`,
    ),
  )

/** A whole number within limits. */
export const whole = (least: number, most: number) =>
  v.pipe(
    v.number(`is not a number; allowed is a whole number from ${least} to ${most}`),
    v.check(
      (n) => Number.isInteger(n) && n >= least && n <= most,
      ({ input }) => `is ${String(input)}; allowed is a whole number from ${least} to ${most}`,
    ),
  )

/** Text of at most so many characters. */
export const text = (most: number) =>
  v.pipe(v.string('is not text'), v.maxLength(most, `is longer than ${most} characters`))

/** Words the language keeps for itself: a record that has one of them for a name would lose it when it is read. */
export const NO_NAMES: ReadonlySet<string> = new Set(['__proto__', 'prototype', 'constructor'])

/** A name for programs: letters, digits, - and _. */
export const id = v.pipe(
  text(80),
  v.regex(/^[\w-]+$/, 'may hold letters, digits, - and _ only'),
  v.check(
    (given) => !NO_NAMES.has(given),
    ({ input }) => `is "${input}", a word that cannot be a name here`,
  ),
)
