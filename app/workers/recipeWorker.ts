import { expose } from 'comlink'
import { ClosestRecipes, mixLadder, puddlePath, simulatePath } from '../../core'
import type { KeptPart, Lab, Limits, MixedStep, Mixing, Move, Paint } from '../../core'

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

const closest = new ClosestRecipes()
/** A large box is searched so long for a step. */
const patience = (ms: number) => ({
  until: performance.now() + ms,
  now: () => performance.now(),
})

const plainParts = (parts: MixedStep['parts']): KeptPart[] =>
  parts.map(({ paint, drops }) => ({ paint: paint.id, drops }))

const api = {
  /** Recipes of a whole ladder, mixed as a run, from few shared bottles, as a family or from a progression. */
  mix({ paints, targets, maxPaints, maxDrops, patienceMs, mixing, base }: MixJob): RecipeAnswer {
    const limits = { maxPaints, maxDrops }
    const { steps, note } = mixLadder({
      targets,
      base,
      paints,
      ...limits,
      mixing,
      closest: (aims, from) =>
        aims.map((target) => closest.find(target, from, limits, patience(patienceMs)).best),
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
    let sure = true
    const mixes = targets.map((target) => {
      const { best, proved } = closest.find(target, paints, limits, patience(patienceMs))
      sure &&= proved
      return { parts: plainParts(best.parts), deltaE00: best.deltaE00 }
    })
    return { mixes, proved: sure }
  },
}

export type RecipeApi = typeof api
expose(api)
