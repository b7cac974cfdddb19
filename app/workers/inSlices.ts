/** Work between two looks at the mailbox, so that a stop is heard at once; and between two news, ms. */
const SLICE_MS = 30
const NEWS_MS = 150

/** Lets what else waits have its turn: by a message, since a timer that follows others is held back for 4 ms. */
export const pause = (): Promise<void> =>
  new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel()
    port1.onmessage = () => {
      port1.close()
      resolve()
    }
    port2.postMessage(undefined)
  })

/**
 * Runs long work of a worker in slices: what it yields is told, the first at once, then now and then.
 * @param going whether it is still wanted.
 * @returns what it comes to; nothing when it was stopped.
 */
export async function inSlices<News, End>(
  work: Generator<News, End>,
  tell: (news: News) => void,
  going: () => boolean,
): Promise<End | undefined> {
  let [until, news] = [0, 0]
  for (;;) {
    const { value, done } = work.next()
    if (done) return value
    const now = performance.now()
    if (now < until) continue
    if (now > news) {
      tell(value)
      news = now + NEWS_MS
    }
    await pause()
    if (!going()) return undefined
    until = performance.now() + SLICE_MS
  }
}
