import { dropsIn } from '../../recipe/recipe'
import { gcd } from '../../numbers/gcd'
import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'

/**
 * So many drops of a mix and so many of other paints as whole drops of paints in the same proportion,
 * paints that come twice put together.
 */
export function wholeDrops(
  mix: readonly Part<Paint>[],
  ofMix: number,
  others: readonly Part<Paint>[],
): Part<Paint>[] {
  const total = dropsIn(mix)
  const sum = new Map<string, Part<Paint>>()
  const add = (paint: Paint, drops: number): void => {
    if (drops > 0) sum.set(paint.id, { paint, drops: (sum.get(paint.id)?.drops ?? 0) + drops })
  }
  for (const { paint, drops } of mix) add(paint, drops * ofMix)
  for (const { paint, drops } of others) add(paint, drops * total)
  const parts = [...sum.values()]
  const divisor = parts.reduce((d, { drops }) => gcd(d, drops), 0)
  return parts.map(({ paint, drops }) => ({ paint, drops: drops / divisor }))
}
