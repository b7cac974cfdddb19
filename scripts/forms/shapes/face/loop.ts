/** Triangles of points, each with as many numbers as there are: three of place, and what else goes with it. */
export interface Cage {
  points: number[][]
  triangles: number[][]
}

/** An edge by its two ends, whichever way round. */
const edgeOf = (a: number, b: number): string => (a < b ? `${a} ${b}` : `${b} ${a}`)

/**
 * One round of Loop's subdivision (1987), with the weights of Hoppe et al. (1994) along borders: each triangle becomes
 * four, and all points move to where the smooth surface has them.
 * @example subdivided({ points: [[0, 0], [1, 0], [0, 1]], triangles: [[0, 1, 2]] }).triangles.length // 4
 */
export function subdivided({ points, triangles }: Cage): Cage {
  const edges = new Map<string, { ends: [number, number]; across: number[] }>()
  for (const [a, b, c] of triangles as [number, number, number][])
    for (const [from, to, other] of [
      [a, b, c],
      [b, c, a],
      [c, a, b],
    ] as const) {
      const key = edgeOf(from, to)
      const edge = edges.get(key) ?? { ends: [from, to], across: [] }
      edge.across.push(other)
      edges.set(key, edge)
    }
  const sum = (parts: readonly (readonly [number, number])[]): number[] =>
    points[0]!.map((_, i) => parts.reduce((all, [p, w]) => all + w * points[p]![i]!, 0))
  const around = points.map(() => new Set<number>())
  const along = points.map(() => [] as number[])
  for (const { ends, across } of edges.values()) {
    const [a, b] = ends
    around[a]!.add(b)
    around[b]!.add(a)
    if (across.length > 1) continue
    along[a]!.push(b)
    along[b]!.push(a)
  }
  const moved = points.map((_, p) => {
    const border = along[p]!
    if (border.length > 0)
      return sum([[p, 0.75], ...border.map((at) => [at, 0.25 / border.length] as const)])
    const near = [...around[p]!]
    const n = near.length
    const beta = (0.625 - (0.375 + 0.25 * Math.cos((2 * Math.PI) / n)) ** 2) / n
    return sum([[p, 1 - n * beta], ...near.map((at) => [at, beta] as const)])
  })
  const middle = new Map<string, number>()
  for (const [key, { ends, across }] of edges) {
    const [a, b] = ends
    middle.set(key, moved.length)
    moved.push(
      across.length > 1
        ? sum([
            [a, 0.375],
            [b, 0.375],
            [across[0]!, 0.125],
            [across[1]!, 0.125],
          ])
        : sum([
            [a, 0.5],
            [b, 0.5],
          ]),
    )
  }
  return {
    points: moved,
    triangles: (triangles as [number, number, number][]).flatMap(([a, b, c]) => {
      const [p, q, r] = [
        middle.get(edgeOf(a, b))!,
        middle.get(edgeOf(b, c))!,
        middle.get(edgeOf(c, a))!,
      ]
      return [
        [a, p, r],
        [b, q, p],
        [c, r, q],
        [p, q, r],
      ]
    }),
  }
}
