/** A number with a decimal point, its sign and its power of ten; in time that grows with its length. */
export const DECIMAL = /^[+-]?(?:\d+(?:\.\d*)?|\.\d+)(?:e[+-]?\d+)?$/i

/** The number that a text is, and nothing else in it; NaN where it is none. */
export const decimal = (text: string): number => (DECIMAL.test(text) ? Number(text) : NaN)
