import { dropsIn } from '../../recipe/recipe'

/** Drops of paints, as a mix is written. */
type Parts = readonly { paint: string; drops: number }[]

/**
 * A mix again, of so many drops in sum: shares kept as nearly as whole drops allow (largest remainder),
 * and never a paint left out.
 * @throws RangeError when there are fewer drops than paints, or no whole number of them.
 * @example remixed([{ paint: 'yellow-ochre', drops: 3 }], 6) // [{"paint":"yellow-ochre","drops":6}]
 */
export function remixed(parts: Parts, drops: number): { paint: string; drops: number }[] {
  if (!(Number.isInteger(drops) && drops >= parts.length && parts.length > 0))
    throw new RangeError(
      `${drops} drops of ${parts.length} paints; each needs at least one whole drop`,
    )
  const whole = dropsIn(parts)
  const wanted = parts.map((part) => (part.drops * drops) / whole)
  const given = wanted.map((share) => Math.max(1, Math.floor(share)))
  const sum = (): number => given.reduce((a, b) => a + b, 0)
  /** Where one drop more, or less, brings the shares nearest. */
  const best = (by: 1 | -1): number =>
    given
      .map((_, i) => i)
      .filter((i) => by === 1 || given[i]! > 1)
      .reduce((one, next) =>
        by * (wanted[next]! - given[next]!) > by * (wanted[one]! - given[one]!) ? next : one,
      )
  while (sum() < drops) given[best(1)]!++
  while (sum() > drops) given[best(-1)]!--
  return parts.map(({ paint }, i) => ({ paint, drops: given[i]! }))
}
