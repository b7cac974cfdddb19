import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'
import { pouredMix, untouched } from './touches'

/** What a recipe must hold to besides its colour; paints by id. */
export interface Constraints {
  required?: readonly string[]
  forbidden?: readonly string[]
  /** Most drops of single paints. */
  atMost?: Readonly<Record<string, number>>
  /** Leaves out every paint with a hazard word. */
  noHazards?: boolean
  /** A mix that stays in, with this least share of the drops. */
  family?: { parts: readonly Part<Paint>[]; share: number }
}

/** The family mix stands in the box under this id. */
export const FAMILY_ID = 'family'

export interface Constrained {
  paints: Paint[]
  allows: (members: ArrayLike<number>, drops: ArrayLike<number>, count: number) => boolean
}

/**
 * A box and a test that together mean the constraints; the test reads places in that box.
 * @throws RangeError when a required paint is not in the box, or forbidden too.
 * @example constrained(box, { forbidden: ['carbon-black'] }).paints.length // 5
 */
export function constrained(box: readonly Paint[], constraints: Constraints): Constrained {
  const { required = [], forbidden = [], atMost = {}, noHazards, family } = constraints
  const out = new Set(forbidden)
  const paints = box.filter(
    ({ id, hazards }) => !out.has(untouched(id)) && !(noHazards && hazards.length > 0),
  )
  if (family) {
    const { paint } = family.parts[0] ?? {}
    if (!paint) throw new RangeError('the family mix has no paint in it')
    paints.unshift({ ...paint, ...pouredMix(family.parts), id: FAMILY_ID, name: 'the mix at hand' })
  }
  const needed = [...required, ...(family ? [FAMILY_ID] : [])].map((id) => {
    const places = paints.flatMap((paint, i) => (untouched(paint.id) === id ? [i] : []))
    if (places.length === 0)
      throw new RangeError(`the recipe has to hold "${id}", which is not in the box or is left out`)
    return places
  })
  const most = paints.map(({ id }) => atMost[untouched(id)] ?? Infinity)
  return {
    paints,
    allows(members, drops, count) {
      let total = 0
      for (let k = 0; k < count; k++) {
        if (drops[k]! > most[members[k]!]!) return false
        total += drops[k]!
      }
      for (const places of needed) {
        let found = false
        for (let k = 0; k < count && !found; k++) found = places.includes(members[k]!)
        if (!found) return false
      }
      if (family) {
        let kept = 0
        for (let k = 0; k < count; k++) if (paints[members[k]!]!.id === FAMILY_ID) kept = drops[k]!
        if (kept < family.share * total) return false
      }
      return true
    },
  }
}
