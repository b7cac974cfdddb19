import { expose } from 'comlink'
import { countRecipes, RecipeSearch, RecipeTable } from '../../core'
import type { Lab, Limits, Paint, RecipeRequest, SearchProgress } from '../../core'

/** One look for the closest mixes: plain data in, plain data out. */
export interface RecipeJob extends Limits {
  /** How long each step of a large box is searched, ms. */
  patienceMs: number
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

/** The best that a search of a large box finds in the time given, and whether it is proved. */
const searched = (request: RecipeRequest, patienceMs: number): SearchProgress =>
  new RecipeSearch(request).step(performance.now() + patienceMs, () => performance.now())

const api = {
  find({ paints, targets, maxPaints, maxDrops, patienceMs }: RecipeJob): RecipeAnswer {
    const limits = { maxPaints, maxDrops }
    const few = countRecipes(paints.length, limits) <= MOST_RECIPES
    let sure = true
    const mixes = targets.map((target) => {
      const found = few
        ? { best: tableOf(paints, limits).nearest(target), proved: true }
        : searched({ target, paints, ...limits }, patienceMs)
      sure &&= found.proved
      const { parts, deltaE00 } = found.best[0]!
      return { parts: parts.map(({ paint, drops }) => ({ paint: paint.id, drops })), deltaE00 }
    })
    return { mixes, proved: sure }
  },
}

export type RecipeApi = typeof api
expose(api)
