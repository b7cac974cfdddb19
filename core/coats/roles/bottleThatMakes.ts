import type { Lab } from '../../colour/lab'
import type { Paint } from '../../paint/paint'
import { partsById } from '../../puddle/parts'
import type { BottleDrops } from '../../puddle/parts'
import { familiesOf } from './families'
import type { Family } from './families'
import { RoleMixes } from './roleMixes'
import type { Role } from './role'

/** A bottle with which a role could be mixed, and what it would look like. */
export interface MakingBottle {
  paint: string
  parts: BottleDrops[]
  lab: Lab
}

/** Bottles that a mix of a role is looked for in, the one that is asked about among them. */
const FEW = 9

/**
 * The first bottle of a list with which a box could make a role; nothing where no single one does.
 * @param others bottles that might be put in, the likeliest first.
 * @example bottleThatMakes(roleOf('plum'), aim, [ochre], paints)?.paint
 */
export function bottleThatMakes(
  role: Role,
  aim: Lab,
  paints: readonly Paint[],
  others: readonly Paint[],
): MakingBottle | undefined {
  const wanted = new Set<Family>(['white', ...role.holds.flat()])
  const matters = (paint: Paint): number =>
    [...familiesOf(paint)].filter((family) => wanted.has(family)).length
  const helpers = [...paints].sort((one, other) => matters(other) - matters(one)).slice(0, FEW - 1)
  const has = new Set(paints.flatMap((paint) => [...familiesOf(paint)]))
  for (const other of others) {
    const own = familiesOf(other)
    const could = role.holds.some((list) => list.every((one) => has.has(one) || own.has(one)))
    if (!could) continue
    const best = new RoleMixes([other, ...helpers], true).best(role, aim)
    if (best)
      return {
        paint: other.id,
        parts: partsById(best.parts),
        lab: best.lab,
      }
  }
  return undefined
}
