/** What a search without derivatives ended at. */
export interface Minimum {
  x: number[]
  value: number
}

/**
 * Least value of a function of a few variables by the simplex method (Nelder & Mead 1965, Comput. J.
 * 7, 308), with the standard coefficients 1, 2, ½, ½. Deterministic.
 * @param size edge of the first simplex, per variable.
 */
export function nelderMead(
  f: (x: readonly number[]) => number,
  start: readonly number[],
  size: readonly number[],
  { most = 400, tolerance = 1e-9 } = {},
): Minimum {
  const at = (x: number[]): Minimum => ({ x, value: f(x) })
  const points = [
    at([...start]),
    ...start.map((_, i) => at(start.map((v, j) => (i === j ? v + size[i]! : v)))),
  ]
  const byValue = (one: Minimum, other: Minimum): number => one.value - other.value
  for (let step = 0; step < most; step++) {
    points.sort(byValue)
    const best = points[0]!
    const worst = points.at(-1)!
    if (worst.value - best.value <= tolerance * (Math.abs(best.value) + tolerance)) break
    const rest = points.slice(0, -1)
    const middle = start.map((_, i) => rest.reduce((sum, { x }) => sum + x[i]!, 0) / rest.length)
    const along = (t: number): Minimum => at(middle.map((m, i) => m + t * (worst.x[i]! - m)))
    const mirrored = along(-1)
    let next: Minimum | undefined
    if (mirrored.value < best.value) {
      const further = along(-2)
      next = further.value < mirrored.value ? further : mirrored
    } else if (mirrored.value < rest.at(-1)!.value) next = mirrored
    else {
      const inner = mirrored.value < worst.value ? along(-0.5) : along(0.5)
      if (inner.value < Math.min(mirrored.value, worst.value)) next = inner
    }
    if (next) points[points.length - 1] = next
    else
      for (let k = 1; k < points.length; k++)
        points[k] = at(points[k]!.x.map((v, i) => best.x[i]! + (v - best.x[i]!) / 2))
  }
  return points.sort(byValue)[0]!
}
