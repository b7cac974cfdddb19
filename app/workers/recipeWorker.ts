import { expose } from 'comlink'
import { ClosestRecipes, mixLadder, partsById, predictLadder, sameBox } from '../../core'
import type { BottleDrops, Paint, Part, PredictedLadder } from '../../core'
import { patience } from './patience'
import type { DoubtJob, MixJob, RecipeAnswer, RecipeJob } from './recipeJobs'

const closest = new ClosestRecipes()
/** How long ways of mixing that share bottles are weighed, ms. */
const TOGETHER_MS = 2500

/** Paints by id become the paints themselves; copies are kept, so that what is known of one is not lost. */
const kept = new Map<string, Paint>()
function mixer(paints: Paint[]): (parts: BottleDrops[]) => Part<Paint>[] {
  for (const paint of paints) {
    const known = kept.get(paint.id)
    if (!known || !sameBox([known], [paint])) kept.set(paint.id, paint)
  }
  return (parts) => parts.map(({ paint, drops }) => ({ paint: kept.get(paint)!, drops }))
}

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
    const mixes = steps.map(({ parts, deltaE00, ofBase }) => ({
      parts: partsById(parts),
      deltaE00,
      ...(ofBase ? { ofBase } : {}),
    }))
    return { mixes, proved: true, note }
  },
  /** Where a ladder may lie as a whole, and how well its gaps hold. */
  doubt({ paints, steps }: DoubtJob): Pick<PredictedLadder, 'whole' | 'gaps'> {
    const { whole, gaps } = predictLadder(steps.map(mixer(paints)))
    return { whole, gaps }
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
