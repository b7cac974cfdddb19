/** Where the server listens when nothing else is said. */
const USUAL = 4173

/**
 * The port of an environment: decimal digits, 0 (any that is free) to 65535.
 * @throws Error that says what is allowed.
 * @example portOf('4180') // 4180
 */
export function portOf(text: string | undefined): number {
  if (text === undefined || text === '') return USUAL
  const port = /^\d{1,5}$/.test(text) ? Number(text) : NaN
  if (!(port <= 65535))
    throw new Error(`PORT is "${text}"; allowed is a whole number from 0 to 65535`)
  return port
}
