/** A rate of ours beside one of something else in the same run; the ratio is what counts. */
export interface Ratio {
  what: string
  ours: number
  against: string
  theirs: number
  /** The least ratio that was asked for. */
  wanted: number
}

interface Timed {
  items: number
  run: () => void
}

const ROUNDS = 25
const ROUND_MS = 40

function once({ items, run }: Timed): number {
  let done = 0
  const start = performance.now()
  let now = start
  while (now - start < ROUND_MS) {
    run()
    done += items
    now = performance.now()
  }
  return (1000 * done) / (now - start)
}

/** Items a second of both, best of several rounds in turns, so that a busy machine slows both. */
export function race(ours: Timed, theirs: Timed): { ours: number; theirs: number } {
  const best = { ours: 0, theirs: 0 }
  for (let round = 0; round <= ROUNDS; round++) {
    const [one, other] = [once(ours), once(theirs)]
    if (round === 0) continue
    best.ours = Math.max(best.ours, one)
    best.theirs = Math.max(best.theirs, other)
  }
  return best
}
