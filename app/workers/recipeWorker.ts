import { expose } from 'comlink'
import { affordable, RecipeTable } from '../../core'
import type { Lab, Limits, Paint } from '../../core'

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
  /** The limits that were used: fewer drops where the box is large. */
  limits: Limits
}

/** More recipes than this would take longer than a second and 100 MB. */
const MOST_RECIPES = 2_000_000

let table: RecipeTable | undefined
let tableKey = ''

const api = {
  find({ paints, targets, maxPaints, maxDrops }: RecipeJob): RecipeAnswer {
    const limits = affordable(paints.length, { maxPaints, maxDrops }, MOST_RECIPES)
    const key = JSON.stringify([paints.map(({ id, K, S }) => [id, K[8], S[8], K[20]]), limits])
    if (!table || key !== tableKey) {
      table = new RecipeTable(paints, limits)
      tableKey = key
    }
    const found = table
    const mixes = targets.map((target) => {
      const { parts, deltaE00 } = found.nearest(target)[0]!
      return { parts: parts.map(({ paint, drops }) => ({ paint: paint.id, drops })), deltaE00 }
    })
    return { mixes, limits }
  },
}

export type RecipeApi = typeof api
expose(api)
