const NEXT = 0
const SCORE = 1
const bits = new Int32Array(1)
const float = new Float32Array(bits.buffer)
float[0] = Infinity
const NO_SCORE = bits[0]!

/** The same number in single precision, or the next above it: as whole numbers these stand in the same order. */
function roundedUp(score: number): number {
  float[0] = score
  if (float[0] < score) bits[0]!++
  return bits[0]!
}

/** Memory that several searches of one request may share; `sharedWork` makes it. */
type WorkMemory = SharedArrayBuffer

/**
 * Memory for searches that share one request in several threads: each takes the next task that none has
 * taken, and a score that one has reached holds for all.
 * @throws ReferenceError where memory may not be shared: in a page that is not cross-origin isolated.
 * @example wishedSearch(wished, { part: 0, of: 2, memory: sharedWork() }).step(1, () => 0).proved // true
 */
export function sharedWork(): WorkMemory {
  const memory = new SharedArrayBuffer(8)
  new Int32Array(memory)[SCORE] = NO_SCORE
  return memory
}

/** What searches in several threads tell each other through shared memory. */
class SharedWork {
  private readonly cells: Int32Array
  constructor(memory: WorkMemory) {
    this.cells = new Int32Array(memory)
  }

  /** Place of the next task that nobody has taken. */
  take(): number {
    return Atomics.add(this.cells, NEXT, 1)
  }

  /** What all may go by: one of them holds as many recipes as are wanted that score no more. */
  get score(): number {
    bits[0] = Atomics.load(this.cells, SCORE)
    return float[0]!
  }

  /** Tells what score one has reached. */
  reached(score: number): void {
    const own = roundedUp(score)
    let known = Atomics.load(this.cells, SCORE)
    while (own < known) known = Atomics.compareExchange(this.cells, SCORE, known, own)
  }
}

/** Which of several searches of one request a search is, and the memory they share where threads may share one. */
export interface SearchShare {
  /** It takes every `of`th task, from the `part`th; with memory, the next that is left. */
  part?: number
  of?: number
  memory?: WorkMemory
}

/** The turns of one of several searches. */
export class Turns {
  private readonly shared?: SharedWork
  constructor(
    private readonly many: number,
    private readonly share: SearchShare,
  ) {
    if (share.memory) this.shared = new SharedWork(share.memory)
  }

  /** Places of every `of`th task. */
  *own(): Generator<number> {
    const { part = 0, of = 1 } = this.share
    for (let place = part; place < this.many; place += of) yield place
  }

  /** Places of tasks that nobody has taken, where threads share memory. */
  *left(): Generator<number> {
    const { shared, many } = this
    if (!shared) return yield* this.own()
    for (let place = shared.take(); place < many; place = shared.take()) yield place
  }

  /** Tells the others what score has been reached, and hands back what any of them has. */
  exchange(score: number): number {
    if (!this.shared) return Infinity
    if (Number.isFinite(score)) this.shared.reached(score)
    return this.shared.score
  }
}
