import { countRecipes } from '../recipeList'
import type { Objective } from './objective'

/** Paints by place in the box, rising, with their drops. */
export interface Draft {
  members: number[]
  drops: number[]
  score: number
}

interface Bounds {
  paints: number
  maxPaints: number
  maxDrops: number
}

/** So few recipes are searched sooner than climbed to. */
const FEW = 100_000
/** How many starts are climbed from; in a large box each climb is long. */
const startsFor = ({ paints, ...limits }: Bounds): number =>
  countRecipes(paints, limits) < FEW ? 0 : paints <= 60 ? 5 : 2
const MOST_STEPS = 40

/**
 * Good recipes quickly: from the closest single paints, and from each with the others, the best single
 * change is made again and again: a drop more or less, a paint added or exchanged. No proof, but a
 * threshold that lets a proof be short.
 */
export function seedDrafts(objective: Objective, bounds: Bounds): Draft[] {
  const { paints, maxPaints, maxDrops } = bounds
  const draft = (members: number[], drops: number[]): Draft => ({
    members,
    drops,
    score: objective.score(members, drops, members.length),
  })
  /** As the box has the paints; scores are summed in that order. */
  const inOrder = ({ members, drops }: Draft): Draft => {
    const order = members.map((_, i) => i).sort((a, b) => members[a]! - members[b]!)
    return draft(
      order.map((i) => members[i]!),
      order.map((i) => drops[i]!),
    )
  }
  const neighbours = function* ({ members, drops }: Draft): Generator<Draft> {
    const total = drops.reduce((sum, d) => sum + d, 0)
    for (let m = 0; m < members.length; m++) {
      const changed = (by: number): number[] => drops.map((d, i) => (i === m ? d + by : d))
      if (total < maxDrops) yield draft(members, changed(1))
      if (total + 2 <= maxDrops) yield draft(members, changed(2))
      if (drops[m]! > 1) yield draft(members, changed(-1))
      if (members.length > 1)
        yield draft(
          members.filter((_, i) => i !== m),
          drops.filter((_, i) => i !== m),
        )
      for (let p = 0; p < paints; p++)
        if (!members.includes(p))
          yield draft(
            members.map((old, i) => (i === m ? p : old)),
            drops,
          )
    }
    if (members.length < maxPaints)
      for (let p = 0; p < paints; p++) {
        if (members.includes(p)) continue
        if (total < maxDrops) yield draft([...members, p], [...drops, 1])
        // A strong paint wants the rest doubled first.
        if (2 * total < maxDrops) yield draft([...members, p], [...drops.map((d) => 2 * d), 1])
      }
  }
  const singles = Array.from({ length: paints }, (_, p) => draft([p], [1])).sort(
    (one, other) => one.score - other.score,
  )
  const found = [...singles.slice(0, 20)]
  for (const start of singles.slice(0, startsFor(bounds))) {
    let now = start
    for (let step = 0; step < MOST_STEPS; step++) {
      let best = now
      for (const next of neighbours(now)) if (next.score < best.score) best = next
      if (best === now) break
      now = inOrder(best)
      found.push(now)
    }
  }
  return found
}
