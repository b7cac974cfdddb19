import { isBottle, letDownPaint, mixingBox, usableLetDowns } from '../../../core'
import type { LetDown, MixingBox, Paint, StoredPuddle } from '../../../core'
import { isKnown, paintOf } from '../paints'

/** The strong bottle that a let-down is of: what is first in it; nothing of any other puddle. */
export function strongIn({ letDown, parts: [first] }: StoredPuddle): string | undefined {
  return letDown && first && isBottle(first.of) ? first.of.bottle : undefined
}

/**
 * Let-downs among puddles, as far as their bottles are there.
 * @param find the paint of a bottle that is there, where it is not to be the one that is mixed now.
 */
export const letDownsIn = (
  stored: readonly StoredPuddle[],
  find: (bottle: string) => Paint = paintOf,
): LetDown[] =>
  stored.flatMap(({ id, name, parts, letDown }) => {
    const inside = parts.flatMap(({ of, drops }) =>
      isBottle(of) && isKnown(of.bottle) ? [{ paint: find(of.bottle), drops }] : [],
    )
    if (!letDown || inside.length < parts.length) return []
    return [{ id, name: name ?? `${inside[0]!.paint.name}, let down`, parts: inside }]
  })

/** Bottles, and what was let down of them; what is less than a drop is the search's own. */
export const withLetDowns = (
  bottles: readonly Paint[],
  stored: readonly StoredPuddle[],
): Paint[] => [...bottles, ...usableLetDowns(bottles, letDownsIn(stored)).map(letDownPaint)]

/**
 * What a figure's small puddles are mixed from: the bottles on its table, what was let down of them, strong ones in less
 * than drops.
 */
export function smallBox(
  table: readonly Paint[],
  stored: readonly StoredPuddle[],
  other: (id: string) => Paint = paintOf,
): MixingBox {
  const had = new Map(table.map((paint) => [paint.id, paint]))
  const find = (id: string): Paint => had.get(id) ?? other(id)
  return mixingBox(table, letDownsIn(stored, find), find('titanium-white'))
}
