/** One candidate of a search, by its place in the enumeration. */
export interface Candidate {
  deltaE00: number
  paints: number
  drops: number
  place: number
}

/** Distances closer together than this are rounding, not colour; they count as a tie. */
export const TIE = 1e-9
const rank = (deltaE00: number): number => Math.round(deltaE00 / TIE)

/** Best first: closer, then fewer paints, then fewer drops. */
const apart = (one: Candidate, other: Candidate): number =>
  rank(one.deltaE00) - rank(other.deltaE00) || one.paints - other.paints || one.drops - other.drops

/** Keeps the best `limit` candidates in order. */
export class RecipeShortlist<T extends Candidate = Candidate> {
  readonly best: T[] = []

  /** @param earlier what comes first among equals; the order of the enumeration when not given. */
  constructor(
    private readonly limit: number,
    private readonly earlier: (one: T, other: T) => number = (one, other) =>
      one.place - other.place,
  ) {}

  /** Nothing further off than this can enter. */
  get worst(): number {
    return this.best.length < this.limit ? Infinity : this.best[this.limit - 1]!.deltaE00 + TIE
  }

  private apart(one: T, other: T): number {
    return apart(one, other) || this.earlier(one, other)
  }

  offer(candidate: T): boolean {
    const { best, limit } = this
    if (best.length >= limit && this.apart(candidate, best[limit - 1]!) >= 0) return false
    let at = best.length
    while (at > 0 && this.apart(candidate, best[at - 1]!) < 0) at--
    best.splice(at, 0, candidate)
    if (best.length > limit) best.pop()
    return true
  }
}
