import { deltaE00Of } from '../colour/deltaE00'
import { writeLab } from '../colour/lab'
import type { Lab, ViewingOptions } from '../colour/lab'
import { surelyFurther } from '../colour/surelyFurther'
import { weightsOf } from '../colour/weights'
import type { Paint } from '../paint/paint'
import { eachRecipe } from './eachRecipe'
import { checkLimit, checkLimits } from './recipe'
import type { Limits, Recipe } from './recipe'
import { Shortlist } from './shortlist'

/** S_L of CIEDE2000 is at most 1 + 0.015·50²/√(20 + 50²): no lightness gap counts for less. */
const MOST_SL = 1 + (0.015 * 2500) / Math.sqrt(2520)
const BUCKETS_PER_L = 10

const times = (n: number, k: number): number => {
  let product = 1
  for (let i = 1; i <= k; i++) product = (product * (n - k + i)) / i
  return product
}

/**
 * How many recipes an enumeration goes through, those with common divisors counted in.
 * @example countRecipes(2, { maxPaints: 2, maxDrops: 3 }) // 9
 */
export function countRecipes(paints: number, { maxPaints, maxDrops }: Limits): number {
  let sum = 0
  for (let n = 1; n <= Math.min(maxPaints, paints); n++)
    sum += times(paints, n) * times(maxDrops, n)
  return sum
}

/**
 * All recipes of a box with their colours, sorted by lightness, so that one build answers any number
 * of targets exactly. About 40 bytes a recipe.
 * @example new RecipeTable(box, { maxPaints: 2, maxDrops: 6 }).nearest(flesh)[0].deltaE00
 */
export class RecipeTable {
  private readonly lab: Float64Array
  private readonly members: Uint16Array
  private readonly drops: Uint8Array
  private readonly counts: Uint8Array
  /** Recipes in rising lightness, and where each tenth of L* starts. */
  private readonly order: Uint32Array
  private readonly starts: Uint32Array
  readonly size: number

  constructor(
    readonly paints: readonly Paint[],
    private readonly limits: Limits,
    private readonly viewing: ViewingOptions = {},
  ) {
    checkLimits(limits)
    const weights = weightsOf(viewing.illuminant, viewing.observer)
    const most = countRecipes(paints.length, limits)
    const width = limits.maxPaints
    this.lab = new Float64Array(most * 3)
    this.members = new Uint16Array(most * width)
    this.drops = new Uint8Array(most * width)
    this.counts = new Uint8Array(most)
    const { lab } = this
    const { white } = weights
    let size = 0
    eachRecipe(paints, limits, weights, (count, members, drops, X, Y, Z) => {
      writeLab(X, Y, Z, white, lab, size * 3)
      this.counts[size] = count
      for (let i = 0; i < count; i++) {
        this.members[size * width + i] = members[i]!
        this.drops[size * width + i] = drops[i]!
      }
      size++
    })
    this.size = size
    this.starts = new Uint32Array(101 * BUCKETS_PER_L + 2)
    for (let i = 0; i < size; i++) this.starts[this.bucket(this.lab[i * 3]!) + 1]!++
    for (let b = 1; b < this.starts.length; b++) this.starts[b]! += this.starts[b - 1]!
    const next = this.starts.slice()
    this.order = new Uint32Array(size)
    for (let i = 0; i < size; i++) this.order[next[this.bucket(this.lab[i * 3]!)]!++] = i
  }

  private bucket(L: number): number {
    return Math.max(0, Math.min(101 * BUCKETS_PER_L, Math.floor(L * BUCKETS_PER_L)))
  }

  /**
   * The closest recipes, best first: exactly those of an exhaustive search.
   * Walks outward from the target's lightness and stops once lightness alone is further off than
   * the worst still wanted (ΔE00 ≥ |ΔL| / S_L).
   */
  nearest(target: Lab, limit = 1): Recipe[] {
    checkLimit(limit)
    const { lab, counts, drops, order, starts, limits } = this
    const width = limits.maxPaints
    const list = new Shortlist(limit)
    const targetC = Math.hypot(target.a, target.b)
    const visit = (bucket: number): void => {
      for (let at = starts[bucket]!; at < starts[bucket + 1]!; at++) {
        const i = order[at]!
        const L = lab[i * 3]!
        const a = lab[i * 3 + 1]!
        const b = lab[i * 3 + 2]!
        const C = Math.sqrt(a * a + b * b)
        // Ties are kept: what is as far as the worst may still come before it.
        const e = list.worst + 1e-6
        if (surelyFurther(e, L, a, b, C, target.L, target.a, target.b, targetC)) continue
        const off = deltaE00Of(L, a, b, target.L, target.a, target.b)
        if (off > list.worst) continue
        let sum = 0
        for (let k = 0; k < counts[i]!; k++) sum += drops[i * width + k]!
        list.offer({ deltaE00: off, paints: counts[i]!, drops: sum, place: i })
      }
    }
    const middle = this.bucket(target.L)
    const last = starts.length - 2
    for (let step = 0; step <= last; step++) {
      // Buckets `step` away hold nothing nearer in L* than (step − 1) tenths.
      if ((step - 1) / BUCKETS_PER_L > list.worst * MOST_SL) break
      if (middle + step <= last) visit(middle + step)
      if (step > 0 && middle - step >= 0) visit(middle - step)
    }
    return list.best.map(({ place, deltaE00 }) => this.recipe(place, deltaE00))
  }

  private recipe(place: number, deltaE00: number): Recipe {
    const width = this.limits.maxPaints
    const parts = Array.from({ length: this.counts[place]! }, (_, k) => ({
      paint: this.paints[this.members[place * width + k]!]!,
      drops: this.drops[place * width + k]!,
    }))
    const [L, a, b] = this.lab.subarray(place * 3, place * 3 + 3) as unknown as [
      number,
      number,
      number,
    ]
    const { name } = weightsOf(this.viewing.illuminant, this.viewing.observer)
    return { parts, lab: { L, a, b, white: name }, deltaE00 }
  }
}
