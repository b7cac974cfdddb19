import { expose } from 'comlink'
import { countRecipes, RecipeSearch, RecipeTable } from '../../core'
import type { Lab, Limits, Paint, Recipe } from '../../core'

/** One look for the closest mixes: plain data in, plain data out. */
export interface RecipeJob extends Limits {
  paints: Paint[]
  targets: Lab[]
}

export interface FoundMix {
  parts: { paint: string; drops: number }[]
  deltaE00: number
}

export interface RecipeAnswer {
  mixes: FoundMix[]
  /** Whether nothing can be closer; a large box is searched for a moment only. */
  proved: boolean
}

/** More recipes than this would take longer than a second and 100 MB. */
const MOST_RECIPES = 2_000_000

/** How long one step of a large box is searched before the best so far is handed back. */
const PATIENCE_MS = 250

let table: RecipeTable | undefined
let tableKey = ''

/** All recipes of a box, kept while box and limits stay. */
function tableOf(paints: Paint[], limits: Limits): RecipeTable {
  const key = JSON.stringify([paints.map(({ id, K, S }) => [id, K[8], S[8], K[20]]), limits])
  if (!table || key !== tableKey) {
    table = new RecipeTable(paints, limits)
    tableKey = key
  }
  return table
}

/** The best that a short search of a large box finds. */
const searched = (paints: Paint[], limits: Limits, target: Lab): Recipe =>
  new RecipeSearch({ target, paints, ...limits }).step(performance.now() + PATIENCE_MS, () =>
    performance.now(),
  ).best[0]!

const api = {
  find({ paints, targets, maxPaints, maxDrops }: RecipeJob): RecipeAnswer {
    const limits = { maxPaints, maxDrops }
    const few = countRecipes(paints.length, limits) <= MOST_RECIPES
    const mixes = targets.map((target) => {
      const { parts, deltaE00 } = few
        ? tableOf(paints, limits).nearest(target)[0]!
        : searched(paints, limits, target)
      return { parts: parts.map(({ paint, drops }) => ({ paint: paint.id, drops })), deltaE00 }
    })
    return { mixes, proved: few }
  },
}

export type RecipeApi = typeof api
expose(api)
