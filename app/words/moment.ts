/** One for all: to be made takes it 10 to 40 ms, once. */
let made: Intl.DateTimeFormat | undefined
const moments = (): Intl.DateTimeFormat =>
  (made ??= new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' }))

/** Makes ready what `momentWords` needs, where a task of its own is better. */
export const momentsReady = (): void => void moments()

/** When something was, as the browser's language writes it; what is no moment stays as it is written. */
export const momentWords = (at: string): string =>
  Number.isNaN(Date.parse(at)) ? at : moments().format(new Date(at))
