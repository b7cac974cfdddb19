import { expose } from 'comlink'
import {
  ClosestRecipes,
  ladderTargets,
  mixLadder,
  NEAREST,
  partsById,
  practical,
  predictLadder,
  reachedEnds,
  sameBox,
  resolvedParts,
} from '../../core'
import type { BottleDrops, Limits, Paint, Part, PredictedLadder, ReachedEnds } from '../../core'
import { patience } from './patience'
import type { DoubtJob, EndsJob, MixJob, RecipeAnswer, RecipeJob } from './recipeJobs'

const closest = new ClosestRecipes()
/** How long ways of mixing that share bottles are weighed, ms. */
const TOGETHER_MS = 2500
/** How long a large box is looked through for ways to mix one step, ms. */
const SEVERAL_MS = 200

/** Paints by id become the paints themselves; copies are kept, so that what is known of one is not lost. */
const kept = new Map<string, Paint>()
function mixer(paints: Paint[]): (parts: BottleDrops[]) => Part<Paint>[] {
  for (const paint of paints) {
    const known = kept.get(paint.id)
    if (!known || !sameBox([known], [paint])) kept.set(paint.id, paint)
  }
  return (parts) => resolvedParts(parts, (id) => kept.get(id)!)
}

const api = {
  /** Makes ready for questions about mixes of some paints. */
  lay({ paints, maxPaints, maxDrops }: Limits & { paints: Paint[] }): void {
    closest.lay(paints, { maxPaints, maxDrops })
  },
  /** Where a ladder can end that is mixed from these paints. */
  ends({ base, lighting, moved, paints, patienceMs, ...limits }: EndsJob): ReachedEnds {
    return reachedEnds(
      (ends) => ladderTargets(base, lighting, { moved, ends }),
      (target) => {
        const near = closest.list(target, paints, limits, NEAREST, patience(patienceMs))
        return practical(near.best, 1)[0]!
      },
    )
  },
  /** Recipes of a whole ladder, mixed as a run, from few shared bottles, as a family or from a progression. */
  mix({ patienceMs, maxPaints, maxDrops, ...job }: MixJob): RecipeAnswer {
    const limits = { maxPaints, maxDrops }
    const { steps, note } = mixLadder({
      ...job,
      ...limits,
      closest: (aims, from) =>
        aims.map((target) => closest.find(target, from, limits, patience(patienceMs)).best),
      several: (target, many) =>
        closest.list(target, job.paints, limits, many, patience(SEVERAL_MS)).best,
      patience: { ms: TOGETHER_MS, now: () => performance.now() },
    })
    const mixes = steps.map(({ parts, deltaE00, poured }) => ({
      parts: partsById(parts),
      deltaE00,
      ...(poured ? { poured } : {}),
    }))
    return { mixes, proved: true, note }
  },
  /** Where a ladder may lie as a whole, and how well its gaps hold. */
  doubt({ paints, steps }: DoubtJob): Pick<PredictedLadder, 'whole' | 'gaps'> {
    const { whole, gaps } = predictLadder(steps.map(mixer(paints)))
    return { whole, gaps }
  },
  /** The closest recipe for each target; where there is more than bottles to mix from, of those that can be poured. */
  find({ paints, bottles, targets, maxPaints, maxDrops, patienceMs }: RecipeJob): RecipeAnswer {
    const limits = { maxPaints, maxDrops }
    const found = targets.map((target) => {
      if (bottles === undefined || bottles === paints.length)
        return closest.find(target, paints, limits, patience(patienceMs))
      const { best, proved } = closest.list(target, paints, limits, NEAREST, patience(patienceMs))
      return { best: practical(best, 1)[0]!, proved }
    })
    const mixes = found.map(({ best: { parts, deltaE00 } }) => ({
      parts: partsById(parts),
      deltaE00,
    }))
    return { mixes, proved: found.every(({ proved }) => proved) }
  },
}

export type RecipeApi = typeof api
expose(api)
