const LETTERS = '0123456789abcdefghijklmnopqrstuvwxyz'
const LENGTH = 16

/** An id that nothing else has (83 bits of chance). It needs no secure address, as `randomUUID` would. */
export const newId = (): string =>
  Array.from(crypto.getRandomValues(new Uint8Array(LENGTH)), (n) => LETTERS[n % 36]).join('')
