import {
  baseReflectance,
  bestSet,
  fewPuddles,
  ladderTargets,
  plainLighting,
  RecipeTable,
  SetTable,
  shortlist,
  starterPaints,
} from '../../core'
import type { BestSet, Lab, Paint } from '../../core'
import { deltaE00Of } from '../../core/colour/deltaE00'
import { writeLab } from '../../core/colour/lab'
import { weightsOf } from '../../core/colour/weights'
import { eachRecipe } from '../../core/recipe/eachRecipe'
import { lowTide, onTheBench } from '../../demo/lowTide'
import { manyPaints } from './manyPaints'
import type { Ratio } from './rate'
import { msOf } from './times'

/** As app/workers/laying.ts has it. */
const SEARCH_MS = 30
const now = (): number => performance.now()
const bench = starterPaints.filter(({ id }) => onTheBench.includes(id))
const ladders = lowTide([]).figures.map(({ tone, plan }) =>
  ladderTargets(baseReflectance(tone), { ...plainLighting, ...plan }).map(({ target }) => target),
)
/** The steps that Range weighs: five of seven. */
const telling = ladders.flatMap((steps) => steps.filter((_, i) => i !== 2 && i !== 4))

function laid(
  paints: readonly Paint[],
  targets: readonly Lab[],
  drops: number,
): [SetTable, number] {
  const table = new SetTable(paints.length, targets.length)
  const ms = msOf(() => {
    for (const _ of table.fill(paints, targets, drops)) continue
  })
  return [table, ms]
}
/** When the best was found first, when it was proved; at most half a minute. */
function searched(table: SetTable, size: number): { found: number; proved: number; best: BestSet } {
  const start = now()
  const search = bestSet(table, { size })
  let best = search.next().value
  const found = now() - start
  while (!best.proved && now() - start < 30_000) best = search.next().value
  return { found, proved: now() - start, best }
}
/** Every mix of three at most to every target, the plain way. */
function plainTable(paints: readonly Paint[], targets: readonly Lab[], maxDrops: number): number {
  const weights = weightsOf()
  const lab = new Float64Array(3)
  const best = new Float64Array(targets.length).fill(Infinity)
  return msOf(() =>
    eachRecipe(paints, { maxPaints: 3, maxDrops }, weights, (_n, _m, _d, X, Y, Z) => {
      writeLab(X, Y, Z, weights.white, lab, 0)
      targets.forEach(({ L, a, b }, t) => {
        best[t] = Math.min(best[t]!, deltaE00Of(lab[0]!, lab[1]!, lab[2]!, L, a, b))
      })
    }),
  )
}
function everySet(table: SetTable, size: number): number {
  let least = Infinity
  const walk = (set: number[], from: number): void => {
    if (set.length === size) {
      least = Math.min(
        least,
        table.best(set).reduce((sum, off) => sum + off, 0),
      )
      return
    }
    for (let i = from; i < table.paints; i++) walk([...set, i], i + 1)
  }
  return msOf(() => walk([], 0))
}

/** How long CIEDE2000 of so many colours takes. */
function eachMs(many: number, { L, a, b }: Lab): number {
  let least = Infinity
  return msOf(() => {
    for (let i = 0; i < many; i++)
      least = Math.min(least, deltaE00Of(i % 100, i % 37, i % 41, L, a, b))
    if (least < 0) throw new RangeError('no difference is below nothing')
  })
}

/** Few bottles and few puddles, against trying everything in the same run. */
export function rangeBench(): Ratio[] {
  const [, smallMs] = laid(bench, telling, 12)
  const [middle] = laid(starterPaints.slice(0, 24), telling, 8)
  const six = searched(middle, 6)
  const [large, largeMs] = laid(starterPaints, telling, 9)
  const of39 = searched(large, 6)
  const many = manyPaints(300)
  let kept: Paint[] = []
  const shortMs = msOf(() => {
    const patience = () => ({ until: now() + SEARCH_MS, now })
    const search = shortlist(many, telling, { most: 40, maxDrops: 9, patience })
    for (;;) {
      const { value, done } = search.next()
      if (!done) continue
      kept = value.paints
      break
    }
  })
  const [of300, of300Ms] = laid(kept, telling, 9)
  const found300 = searched(of300, 6).found
  const table = new RecipeTable(bench.slice(0, 8), { maxPaints: 4, maxDrops: 20 })
  const bestOf = (run: () => void): number => Math.min(...[1, 2, 3, 4].map(() => msOf(run)))
  const mixedMs = bestOf(() => void new RecipeTable(bench.slice(1, 8), table.limits))
  const keptMs = bestOf(() => void table.of(bench.slice(1, 8)))
  const aims = ladders.flat()
  const nearestMs = msOf(() => aims.forEach((aim) => table.nearest(aim, 16)))
  const ladder = ladders[0]!
  const puddleMs = msOf(() =>
    fewPuddles(
      ladder,
      ladder.map((target) => table.nearest(target, 16)),
      3,
    ),
  )
  // All three ways to mix, all middles; a ratio of each step between costs as much as one there.
  const tried = 16 ** 3 * (ladder.length - 2) * (ladder.length - 3) * 9
  const oneMs = puddleMs / (2 * 16 ** 2 * (ladder.length - 2) * 2 * 9)
  return [
    {
      what: `what sets of 14 bottles mix, tables per 1000 s (${smallMs.toFixed(0)} ms)`,
      against: 'the plain way',
      ours: 1e6 / smallMs,
      theirs: 1e6 / plainTable(bench, telling, 12),
      wanted: 1.5,
    },
    {
      what: `best 6 of 24, found and proved, per 1000 s (${six.proved.toFixed(0)} ms)`,
      against: 'every set',
      ours: 1e6 / six.proved,
      theirs: 1e6 / everySet(middle, 6),
      wanted: 2,
    },
    {
      what:
        `best 6 of 39 per 1000 s: table ${(largeMs / 1000).toFixed(1)} s, found ${of39.found.toFixed(0)} ms after it, ` +
        `${of39.best.proved ? 'proved' : `no better than ${of39.best.atLeast.toFixed(2)} known`} after ${(of39.proved / 1000).toFixed(1)} s; found`,
      against: 'proved',
      ours: 1e6 / of39.found,
      theirs: 1e6 / of39.proved,
      wanted: 5,
    },
    {
      what:
        `best 6 of 300 per 1000 s: shortlist ${(shortMs / 1000).toFixed(1)} s, table ${(of300Ms / 1000).toFixed(1)} s, ` +
        `found ${found300.toFixed(0)} ms after them`,
      against: 'one in ten seconds',
      ours: 1e6 / (shortMs + of300Ms + found300),
      theirs: 100,
      wanted: 1,
    },
    {
      what: `a bottle taken off the table: what is left to mix, per 1000 s (${keptMs.toFixed(0)} ms)`,
      against: 'mixed anew',
      ours: 1e6 / keptMs,
      theirs: 1e6 / mixedMs,
      wanted: 1.3,
    },
    {
      what: `16 nearest of ${(table.size / 1000).toFixed(0)},000 recipes for a step, steps per second`,
      against: 'a look at each',
      ours: (aims.length * 1000) / nearestMs,
      theirs: 1000 / eachMs(table.size, aims[0]!),
      wanted: 5,
    },
    {
      what: `three puddles tuned together, ladders per 1000 s (${puddleMs.toFixed(0)} ms)`,
      against: 'every choice of the same ways',
      ours: 1e6 / puddleMs,
      theirs: 1e6 / (tried * oneMs),
      wanted: 5,
    },
  ]
}
