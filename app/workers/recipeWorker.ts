import { expose } from 'comlink'
import {
  countRecipes,
  mixLadder,
  puddlePath,
  RecipeSearch,
  RecipeTable,
  simulatePath,
} from '../../core'
import type {
  KeptPart,
  Lab,
  Limits,
  MixedStep,
  Mixing,
  Move,
  Paint,
  RecipeRequest,
  SearchProgress,
} from '../../core'

/** One look for the closest mixes: plain data in, plain data out. */
export interface RecipeJob extends Limits {
  /** How long each step of a large box is searched, ms. */
  patienceMs: number
  paints: Paint[]
  targets: Lab[]
}

export interface FoundMix {
  parts: KeptPart[]
  deltaE00: number
  /** Drops of the base mix to drops of the other paint, in a run. */
  ratio?: readonly [number, number]
}

/** A whole ladder mixed in one of the ways. */
export interface MixJob extends RecipeJob {
  mixing: Mixing
  base: number
}

/** Puddles wanted, paints by id. */
export interface PathJob {
  paints: Paint[]
  steps: { key: string; parts: KeptPart[]; need: number }[]
  start: number
}
interface Poured {
  step: string
  /** Drops in the well afterwards. */
  drops: number
  /** Its colour then. */
  lab?: Lab
}
export type PathMove =
  | (Poured & { kind: 'mix' | 'add'; add: KeptPart[] })
  | (Poured & Omit<Extract<Move, { kind: 'lift' }>, 'step'>)
  | (Poured & Omit<Extract<Move, { kind: 'paint' }>, 'step'>)
export interface PathAnswer {
  moves: PathMove[]
  total: number
  least: number
  bottles: KeptPart[]
}

export interface RecipeAnswer {
  mixes: FoundMix[]
  /** Whether nothing can be closer; a large box is searched for a moment only. */
  proved: boolean
  /** What the painter has to know of the way it is mixed. */
  note?: string
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

const plainParts = (parts: MixedStep['parts']): KeptPart[] =>
  parts.map(({ paint, drops }) => ({ paint: paint.id, drops }))

const api = {
  /** Recipes of a whole ladder, mixed as a run, from few shared bottles, as a family or from a progression. */
  mix({ paints, targets, maxPaints, maxDrops, patienceMs, mixing, base }: MixJob): RecipeAnswer {
    const limits = { maxPaints, maxDrops }
    const closest = (aims: readonly Lab[], from: readonly Paint[]): MixedStep[] =>
      aims.map((target) =>
        countRecipes(from.length, limits) <= MOST_RECIPES
          ? tableOf([...from], limits).nearest(target)[0]!
          : searched({ target, paints: from, ...limits }, patienceMs).best[0]!,
      )
    const { steps, note } = mixLadder({
      targets,
      base,
      paints,
      ...limits,
      mixing,
      closest,
      patience: { ms: 2500, now: () => performance.now() },
    })
    return {
      mixes: steps.map(({ parts, deltaE00, ratio }) => ({
        parts: plainParts(parts),
        deltaE00,
        ratio,
      })),
      proved: true,
      note,
    }
  },
  /** The order of mixing, and what every well looks like on the way. */
  path({ paints, steps, start }: PathJob): PathAnswer {
    const byId = new Map(paints.map((paint) => [paint.id, paint]))
    const real = steps.map(({ key, need, parts }) => ({
      key,
      need,
      parts: parts.map(({ paint, drops }) => ({ paint: byId.get(paint)!, drops })),
    }))
    const { moves, total, least, bottles } = puddlePath(real, start)
    return {
      total,
      least,
      bottles: plainParts(bottles),
      moves: simulatePath(moves).map(({ move, drops, lab }) =>
        move.kind === 'mix' || move.kind === 'add'
          ? { kind: move.kind, step: move.step, add: plainParts(move.add), drops, lab }
          : { ...move, lab },
      ),
    }
  },
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
