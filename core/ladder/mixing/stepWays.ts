import { deltaE00Of } from '../../colour/deltaE00'
import type { Lab } from '../../colour/lab'
import type { Part } from '../../paint/mix'
import type { Mixture } from '../../paint/mixture'
import { MixEvaluator } from '../../paint/mixEvaluator'
import type { Paint } from '../../paint/paint'
import { pouredMix } from '../../recipe/advice/touches'

/**
 * Plain ratios of two puddles, the darker's drops first; what painters count without counting (common practice, no
 * source).
 */
export const plainRatios: readonly (readonly [dark: number, light: number])[] = [
  [4, 1],
  [3, 1],
  [2, 1],
  [1, 1],
  [1, 2],
  [1, 3],
  [1, 4],
]

/** A way to mix a step; weighed by its cost where it has one. */
export interface StepWay {
  parts: Part<Paint>[]
  deltaE00: number
  cost?: number
}

/** One way to mix a puddle at a step. */
export interface PuddleWay extends StepWay {
  cost: number
  /** Its place among all of them, as the evaluator has them. */
  at: number
}

/** A step between two puddles: the best plain ratio of them. */
export interface Bridged {
  at: number
  ratio: readonly [number, number]
  deltaE00: number
}

/** Two puddles together in the plain ratios, so many of them mixed so far. */
interface Together {
  labs: Float64Array
  mixed: number
}

/** What any two of many puddles are together, mixed when a ratio is first asked for and known from then on. */
class PuddlePairs {
  private readonly evaluator: MixEvaluator
  private readonly known = new Map<number, Together>()
  constructor(private readonly all: readonly Mixture[]) {
    this.evaluator = new MixEvaluator(all)
  }
  labs(one: number, other: number, ratio: number): Float64Array {
    const key = one * this.all.length + other
    let together = this.known.get(key)
    if (!together) {
      together = { labs: new Float64Array(3 * plainRatios.length), mixed: 0 }
      this.known.set(key, together)
    }
    for (; together.mixed <= ratio; together.mixed++)
      this.evaluator.writeLab(
        [one, other],
        plainRatios[together.mixed]!,
        2,
        together.labs,
        3 * together.mixed,
      )
    return together.labs
  }
}

/** The steps of a ladder, or some of them that follow each other, and ways to mix each. */
export class StepWays {
  private constructor(
    readonly targets: readonly Lab[],
    readonly ways: readonly (readonly PuddleWay[])[],
    private readonly pairs: PuddlePairs,
  ) {}

  static of(targets: readonly Lab[], candidates: readonly (readonly StepWay[])[]): StepWays {
    const all: Mixture[] = []
    const ways = candidates.map((list) =>
      list.map((one) => ({
        ...one,
        cost: one.cost ?? one.deltaE00,
        at: all.push(pouredMix(one.parts)) - 1,
      })),
    )
    return new StepWays(targets, ways, new PuddlePairs(all))
  }

  /** Steps from one up to before another. */
  between(from: number, to: number): StepWays {
    return new StepWays(this.targets.slice(from, to), this.ways.slice(from, to), this.pairs)
  }

  /** The best so many ways of each step. */
  best(many: number): StepWays {
    return new StepWays(
      this.targets,
      this.ways.map((list) => list.slice(0, many)),
      this.pairs,
    )
  }

  /** The best ratio of two puddles for each step between, and what they miss together; no further than there is room. */
  bridge(
    i: number,
    one: PuddleWay,
    j: number,
    other: PuddleWay,
    room: number,
  ): { sum: number; ratios: Bridged[] } {
    let sum = 0
    const ratios: Bridged[] = []
    // The darker of two steps never takes more of the light than the one after it.
    for (let at = i + 1; at < j && sum <= room; at++) {
      const { L, a, b } = this.targets[at]!
      let best: Omit<Bridged, 'at'> | undefined
      for (let k = 0; k < plainRatios.length; k++) {
        const labs = this.pairs.labs(one.at, other.at, k)
        const found = deltaE00Of(labs[3 * k]!, labs[3 * k + 1]!, labs[3 * k + 2]!, L, a, b)
        if (!best || found < best.deltaE00) best = { ratio: plainRatios[k]!, deltaE00: found }
        // Along the ratios a step is come near once: past it, it only gets further off.
        else if (found > best.deltaE00 + 1) break
      }
      ratios.push({ at, ...best! })
      sum += best!.deltaE00
    }
    return { sum, ratios }
  }
}
