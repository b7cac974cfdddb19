import { expose } from 'comlink'
import { ClosestRecipes, mixLadder, partsById, puddlePath, simulatePath } from '../../core'
import { patience } from './patience'
import type { MixJob, PathAnswer, PathJob, RecipeAnswer, RecipeJob } from './recipeJobs'

const closest = new ClosestRecipes()
/** How long ways of mixing that share bottles are weighed, ms. */
const TOGETHER_MS = 2500

const api = {
  /** Recipes of a whole ladder, mixed as a run, from few shared bottles, as a family or from a progression. */
  mix({ patienceMs, maxPaints, maxDrops, ...job }: MixJob): RecipeAnswer {
    const limits = { maxPaints, maxDrops }
    const { steps, note } = mixLadder({
      ...job,
      ...limits,
      closest: (aims, from) =>
        aims.map((target) => closest.find(target, from, limits, patience(patienceMs)).best),
      patience: { ms: TOGETHER_MS, now: () => performance.now() },
    })
    const mixes = steps.map(({ parts, deltaE00, ratio }) => ({
      parts: partsById(parts),
      deltaE00,
      ratio,
    }))
    return { mixes, proved: true, note }
  },
  /** The order of mixing, and what every well looks like on the way. */
  path({ paints, steps, start }: PathJob): PathAnswer {
    const byId = new Map(paints.map((paint) => [paint.id, paint]))
    const real = steps.map(({ parts, ...step }) => ({
      ...step,
      parts: parts.map(({ paint, drops }) => ({ paint: byId.get(paint)!, drops })),
    }))
    const { moves, bottles, total, least } = puddlePath(real, start)
    return {
      total,
      least,
      bottles: partsById(bottles),
      moves: simulatePath(moves).map(({ move, drops, lab }) =>
        'add' in move
          ? { kind: move.kind, step: move.step, add: partsById(move.add), drops, lab }
          : { ...move, lab },
      ),
    }
  },
  /** The closest recipe for each target. */
  find({ paints, targets, maxPaints, maxDrops, patienceMs }: RecipeJob): RecipeAnswer {
    const limits = { maxPaints, maxDrops }
    const found = targets.map((one) => closest.find(one, paints, limits, patience(patienceMs)))
    const mixes = found.map(({ best: { parts, deltaE00 } }) => ({
      parts: partsById(parts),
      deltaE00,
    }))
    return { mixes, proved: found.every(({ proved }) => proved) }
  },
}

export type RecipeApi = typeof api
expose(api)
