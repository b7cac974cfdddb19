import type { SearchKernel, Take } from './searchKernel'
import { gcd } from '../../numbers/gcd'
import { checkLimit, checkLimits } from '../recipe'
import type { Recipe, RecipeRequest } from '../recipe'
import { earlierPlaced } from '../merge'
import { countRecipes } from '../recipeList'
import { RecipeShortlist, TIE } from '../shortlist'
import type { Candidate } from '../shortlist'
import { HeldBounds, RENEW } from './heldBounds'
import { searchKernel } from './kernel'
import { colourObjective } from './objective'
import type { Objective } from './objective'
import type { SearchOptions, SearchProgress } from './options'
import { paintTree } from './paintTree'
import type { PaintTree } from './paintTree'
import { ratioTree } from './ratioTree'
import type { RatioTree } from './ratioTree'
import { seedDrafts } from './seed'
import { Turns } from './turns'
import { tasksOf } from './tasks'
import type { Tasks } from './tasks'
import { ROUGH_KERNEL } from './wasmKernel'
import type { Lab } from '../../colour/lab'

interface Found extends Candidate {
  members: number[]
  parts: number[]
  lab: [number, number, number]
}

/**
 * Shares of the best score that are tried for being empty first, when nothing is close, the smaller ones where the
 * first is too much, and the work that may go into each: a lower bound at once.
 */
const SHARES = [0.25, 0.5, 0.7, 0.85, 0.95]
const SMALLER = [0.12, 0.06]
const WORK = 60_000
/** So many recipes are gone through sooner than close bounds are made. */
const LARGE = 300_000
/** Below this score a lower bound says little. */
const CLOSE = 1

/**
 * The exact search for whole-drop recipes, cut into tasks so that it can be watched, shared and stopped.
 * Tasks are ratios of drops over clusters of like paints; each is searched by the kernel in a box around
 * the target that holds everything as good as the worst recipe still wanted (docs/search.md).
 * @example new RecipeSearch({ target: flesh, paints: box, maxPaints: 3, maxDrops: 12 }).step(until, now).proved // true
 */
export class RecipeSearch {
  private readonly tree: PaintTree
  private readonly kernel: SearchKernel
  private readonly objective: Objective
  private readonly list: RecipeShortlist<Found>
  private readonly seen = new Set<string>()
  private readonly ratios: RatioTree[]
  private readonly tasks: Tasks
  private readonly running: Iterator<number>
  private readonly turns: Turns
  private readonly sorted = new Uint16Array(5)
  private readonly amounts = new Uint8Array(5)
  /** What is being tried for being empty. */
  private stage = Infinity
  private threshold = NaN
  private readonly held: HeldBounds
  /** Whether it is worth while to look for close bounds. */
  private readonly closely: boolean
  private share = 0
  private bound = 0
  private over = false

  constructor(
    private readonly request: RecipeRequest,
    private readonly options: SearchOptions = {},
  ) {
    checkLimits(request)
    checkLimit(request.limit ?? 1)
    if (request.paints.length === 0)
      throw new RangeError('there is no paint to mix from; put one in the box')
    this.objective = options.objective ?? colourObjective(request)
    this.held = new HeldBounds(this.objective)
    this.tree = paintTree(request.paints)
    // Each paint in a mix has a drop at least.
    const slots = Math.min(request.maxPaints, request.paints.length, request.maxDrops)
    this.ratios = Array.from({ length: slots }, (_, i) => ratioTree(i + 1, request.maxDrops))
    this.kernel = (options.kernel ?? searchKernel)(
      this.tree,
      this.ratios,
      this.objective.weights,
      this.objective.turn,
      this.objective.target,
    )
    this.closely = options.closeBounds ?? countRecipes(request.paints.length, request) > LARGE
    this.list = new RecipeShortlist<Found>(request.limit ?? 1, earlierPlaced)
    const { paints, maxPaints, maxDrops } = request
    for (const { members, drops } of seedDrafts(this.objective, {
      paints: paints.length,
      maxPaints,
      maxDrops,
    }))
      this.offer(members, drops, members.length)
    this.narrow()
    this.tasks = tasksOf(this.tree, this.ratios)
    this.turns = new Turns(this.tasks.many, options)
    this.running = this.run()
  }

  /** Works until `until` (a time on `now`'s clock) and says how far it is. */
  step(until: number, now: () => number): SearchProgress {
    while (!this.over && now() < until) {
      const next = this.running.next()
      if (next.done) {
        this.over = true
        break
      }
      this.share = next.value
    }
    return this.progress()
  }

  progress(): SearchProgress {
    const best = this.list.best.map((one) => this.recipe(one))
    const proved = this.over
    const last = this.list.best.at(-1)
    const lowerBound = proved ? (last ? this.list.best[0]!.deltaE00 : 0) : this.bound
    return { done: proved ? 1 : this.share, proved, lowerBound, best }
  }

  /** A score that someone else has reached: nothing worse is looked for. */
  hint(score: number): void {
    this.hinted = Math.min(this.hinted, score)
    this.narrow()
  }
  private hinted = Infinity
  private narrow(): void {
    const worst = Math.min(this.list.worst, this.hinted + TIE)
    const wanted = Math.min(worst, this.stage)
    if (wanted === this.threshold) return
    this.threshold = wanted
    const [best] = this.closely ? this.list.best : []
    this.kernel.seek(this.held.holding(wanted + TIE, best && this.labOf(best)), wanted + TIE)
  }

  /** Lower bounds first, then all of it; yields the share that is done. */
  private *run(): Generator<number> {
    const { worst } = this.list
    if (Number.isFinite(worst) && worst > CLOSE) {
      for (const share of SHARES) {
        if (!(yield* this.gone(share * worst))) break
        // The list is final as soon as it is full of what scores below.
        if (this.list.worst <= this.stage) return
      }
      for (const share of SMALLER) if (this.bound === 0) yield* this.gone(share * worst)
    }
    this.stage = Infinity
    this.narrow()
    yield* this.pass(Infinity)
  }

  /** Whether whatever scores less than something is found with little work; then nothing else does. */
  private *gone(score: number): Generator<number, boolean> {
    this.stage = score
    this.narrow()
    const through = yield* this.pass(WORK)
    if (through) this.bound = Math.min(score, this.list.best[0]!.deltaE00)
    return through
  }

  /** Every task once, with so much work for all; whether it was enough. */
  private *pass(work: number): Generator<number, boolean> {
    const bounding = work < Infinity
    for (const place of bounding ? this.turns.own() : this.turns.left()) {
      const { clusters, cell, done } = this.tasks.at(place)
      const whole = this.kernel.search(clusters, cell, this.hear, bounding ? work : undefined)
      if (bounding && (!whole || (work -= this.kernel.takeWork()) < 0)) return false
      this.hint(this.turns.exchange(this.list.worst))
      yield bounding ? 0 : done
    }
    return true
  }

  private readonly hear: Take = (found, drops, X, Y, Z) => {
    if (this.objective.rough(X, Y, Z) > this.threshold + ROUGH_KERNEL) return
    this.take(found, drops)
    if (this.list.worst < RENEW * this.threshold) this.narrow()
  }

  /** A find of the kernel, in tree order: put in the order of the box and scored in full precision. */
  private take(found: ArrayLike<number>, drops: readonly number[]): void {
    const { sorted, amounts } = this
    const count = drops.length
    for (let k = 0; k < count; k++) {
      const member = this.tree.order[found[k]!]!
      let at = k
      while (at > 0 && sorted[at - 1]! > member) {
        sorted[at] = sorted[at - 1]!
        amounts[at] = amounts[at - 1]!
        at--
      }
      sorted[at] = member
      amounts[at] = drops[k]!
    }
    this.offer(sorted, amounts, count)
  }

  private offer(members: ArrayLike<number>, drops: ArrayLike<number>, count: number): void {
    const { allows } = this.options
    if (allows && !allows(members, drops, count)) return
    const deltaE00 = this.objective.score(members, drops, count)
    if (!(deltaE00 <= this.list.worst)) return
    const one: Found = {
      deltaE00,
      paints: count,
      drops: 0,
      place: 0,
      members: Array.from({ length: count }, (_, k) => members[k]!),
      parts: Array.from({ length: count }, (_, k) => drops[k]!),
      lab: [this.objective.lab[0]!, this.objective.lab[1]!, this.objective.lab[2]!],
    }
    const divisor = one.parts.reduce((a, b) => gcd(a, b))
    if (divisor > 1) return
    one.drops = one.parts.reduce((sum, d) => sum + d, 0)
    // Seeds and stages meet the same mix again.
    const key = `${one.members.join()}:${one.parts.join()}`
    if (this.seen.has(key)) return
    if (this.list.offer(one)) this.seen.add(key)
  }

  private labOf({ lab: [L, a, b] }: Found): Lab {
    return { L, a, b, white: this.objective.weights.name }
  }

  private recipe(one: Found): Recipe {
    return {
      parts: one.members.map((m, i) => ({ paint: this.request.paints[m]!, drops: one.parts[i]! })),
      lab: this.labOf(one),
      deltaE00: one.deltaE00,
    }
  }
}
