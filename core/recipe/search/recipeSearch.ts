import { gcd } from '../../numbers/gcd'
import { checkLimit, checkLimits } from '../recipe'
import type { Recipe, RecipeRequest } from '../recipe'
import { earlierPlaced } from '../merge'
import { Shortlist, TIE } from '../shortlist'
import type { Candidate } from '../shortlist'
import { searchKernel } from './kernel'
import type { SearchKernel } from './kernel'
import { colourObjective } from './objective'
import type { Objective } from './objective'
import { clusterGroups, clustersAtDepth, paintTree } from './paintTree'
import type { PaintTree } from './paintTree'
import { cellsAtDepth, ratioTree } from './ratioTree'
import type { RatioTree } from './ratioTree'
import { seedDrafts } from './seed'

/** How far a search has come. */
export interface SearchProgress {
  /** Share of the work done, 0–1; 1 when proved. */
  done: number
  proved: boolean
  /** No recipe within the limits scores less than this. */
  lowerBound: number
  best: Recipe[]
}

export interface SearchOptions {
  objective?: Objective
  /** Refuses mixes that break a constraint; members are places in the box, rising. */
  allows?: (members: ArrayLike<number>, drops: ArrayLike<number>, count: number) => boolean
  kernel?: typeof searchKernel
  /** This search takes every `of`th task, from the `part`th: several share one. */
  part?: number
  of?: number
}

interface Task {
  clusters: number[]
  cell: number
  done: number
}

interface Found extends Candidate {
  members: number[]
  parts: number[]
  lab: [number, number, number]
}

/** Levels a slot's clusters are cut before a task begins; small boxes are not cut. */
const depthFor = (paints: number, count: number): number =>
  paints <= 40 || count < 3 ? 0 : count === 3 ? (paints <= 250 ? 1 : 2) : 3
/** Shares of the best score that are proved to be empty first, when nothing is close. */
const STAGES = [0.5]
/** How far a score from single-precision X, Y, Z may be off (docs/search.md). */
const ROUGH = 0.02
/** Below this score nothing is gained by stages. */
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
  private readonly list: Shortlist<Found>
  private readonly seen = new Set<string>()
  private readonly ratios: RatioTree[]
  private readonly tasks: Iterator<Task>
  private readonly sorted = new Uint16Array(5)
  private readonly amounts = new Uint8Array(5)
  private stages: number[] = []
  private threshold = NaN
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
    this.tree = paintTree(request.paints)
    // Each paint in a mix has a drop at least.
    const slots = Math.min(request.maxPaints, request.paints.length, request.maxDrops)
    this.ratios = Array.from({ length: slots }, (_, i) => ratioTree(i + 1, request.maxDrops))
    this.kernel = (options.kernel ?? searchKernel)(
      this.tree,
      this.ratios,
      this.objective.weights,
      this.objective.turn,
    )
    this.list = new Shortlist<Found>(request.limit ?? 1, earlierPlaced)
    const { paints, maxPaints, maxDrops } = request
    for (const { members, drops } of seedDrafts(this.objective, {
      paints: paints.length,
      maxPaints,
      maxDrops,
    }))
      this.offer(members, drops, members.length)
    const { worst } = this.list
    if (Number.isFinite(worst) && worst > CLOSE) this.stages = STAGES.map((s) => s * worst)
    this.tasks = this.run()
    this.narrow()
  }

  /** Works until `until` (a time on `now`'s clock) and says how far it is. */
  step(until: number, now: () => number): SearchProgress {
    while (!this.over && now() < until) {
      const next = this.tasks.next()
      if (next.done) {
        this.over = true
        break
      }
      const { clusters, cell, done } = next.value
      this.share = done
      this.kernel.search(clusters, cell, (found, drops, X, Y, Z) => {
        // Single precision is off by far less than a hundredth in ΔE00.
        if (this.objective.rough(X, Y, Z) > this.threshold + ROUGH) return
        this.take(found, drops)
      })
      this.narrow()
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
    const wanted = Math.min(worst, this.stages[0] ?? Infinity)
    if (wanted === this.threshold) return
    this.threshold = wanted
    this.kernel.setBox(this.objective.box(wanted + TIE))
  }

  /** All tasks: stage by stage, few paints first, each with every cell of ratios. */
  private *run(): Generator<Task> {
    const { paints } = this.request
    const { part = 0, of = 1 } = this.options
    const plan = this.ratios.map((tree, i) => {
      const depth = depthFor(paints.length, i + 1)
      const tops = clustersAtDepth(this.tree, depth)
      return { cells: cellsAtDepth(tree, 2 * depth), groups: clusterGroups(this.tree, tops, i + 1) }
    })
    const passes = this.stages.length + 1
    const all = plan.reduce((sum, { cells, groups }) => sum + cells.length * groups.length, 0)
    for (let pass = 0; pass < passes; pass++) {
      let at = 0
      for (const { cells, groups } of plan)
        for (const clusters of groups)
          for (const cell of cells)
            if (at++ % of === part) yield { cell, clusters, done: (pass + at / all) / passes }
      // Whatever scores below this stage has been found by now.
      const proven = this.stages.shift()
      if (proven === undefined) return
      this.bound = Math.min(proven, this.list.best[0]?.deltaE00 ?? proven)
      // Found below the stage: the list is final as soon as it is full of such.
      if (this.list.worst <= proven) return
      this.narrow()
    }
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

  private recipe({ members, parts, lab, deltaE00 }: Found): Recipe {
    const [L, a, b] = lab
    return {
      parts: members.map((m, i) => ({ paint: this.request.paints[m]!, drops: parts[i]! })),
      lab: { L, a, b, white: this.objective.weights.name },
      deltaE00,
    }
  }
}
