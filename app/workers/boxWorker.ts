import { expose } from 'comlink'
import {
  bestAddition,
  calibratePaint,
  mendWell,
  nearestPaints,
  paintByEye,
  partsById,
  readCard,
  rightByLooking,
  standIns,
  starterPaints,
  substituteRecipe,
  resolvedParts,
} from '../../core'
import type { BottleDrops, CardPicture, CardReading, Lab, Limits, Paint, Recipe } from '../../core'
import { patience } from './patience'
import type {
  LikeAnswer,
  LookAnswer,
  LookJob,
  MendAnswer,
  MendJob,
  PlainMix,
  SolveAnswer,
  SolveJob,
  WishAnswer,
} from './boxJobs'

const plain = ({ parts, ...rest }: Recipe): PlainMix => ({ ...rest, parts: partsById(parts) })

const api = {
  /** What a paint is like: single bottles, and mixes that stand in for it. */
  like: (paint: Paint, box: Paint[]): LikeAnswer => ({
    singles: nearestPaints(paint, box).map(({ paint: { id }, ...rest }) => ({ id, ...rest })),
    mixes: standIns(paint, box, patience(1500)).map(plain),
  }),
  /** The best recipes for what mixes looked like, without one paint. */
  substitutes: (mixes: Lab[], missing: string, box: Paint[], limits: Limits) =>
    mixes.map((lab) => {
      const found = substituteRecipe(lab, missing, box, limits, patience(600))
      return found && plain(found)
    }),
  /** A paint from what was read of it, or why it cannot be. */
  solve(asked: SolveJob): SolveAnswer {
    try {
      return 'swatches' in asked
        ? { paint: calibratePaint(asked.swatches, asked.about) }
        : paintByEye(asked)
    } catch (error) {
      if (error instanceof RangeError) return { trouble: error.message }
      throw error
    }
  },
  /** What to add to a well, and whether it is better to start again. */
  mend(job: MendJob): MendAnswer {
    const byId = new Map(job.paints.map((paint) => [paint.id, paint]))
    const there = job.parts.filter(({ paint }) => byId.has(paint))
    const known = resolvedParts(there, (id) => byId.get(id)!)
    const { front, fresh, ...rest } = mendWell({ ...job, parts: known }, patience(400))
    const ways = front.map(({ add, ...one }) => ({ ...one, add: partsById(add) }))
    return { ...rest, front: ways, fresh: partsById(fresh.parts) }
  },
  /** What to add to a well by how it looks. */
  look({ parts, looks, aim, paints, inWell }: LookJob): LookAnswer {
    const byId = new Map([...inWell, ...paints].map((paint) => [paint.id, paint]))
    const known = (list: BottleDrops[]) => resolvedParts(list, (id) => byId.get(id)!)
    const seen = looks.map(({ looked, add }) => ({ looked, add: known(add) }))
    const answer = rightByLooking({ parts: known(parts), aim, paints, looks: seen })
    return answer.kind === 'add' ? { ...answer, add: partsById(answer.add) } : answer
  },
  /** The starter pigment that would bring a target nearest. */
  wish(target: Lab, paints: Paint[], best: number, maxDrops: number): WishAnswer | undefined {
    const request = { target, paints, maxPaints: 3, maxDrops }
    const found = bestAddition(request, starterPaints, best, patience(6000))
    return found && { paint: found.paint.id, ...plain(found.recipe) }
  },
  card: (picture: CardPicture, corners: { x: number; y: number }[]): CardReading =>
    readCard(picture, corners),
}

export type BoxApi = typeof api
expose(api)
