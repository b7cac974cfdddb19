/** Signed distance to a surface, negative inside; x right, y up, z toward the eye, about −1 to 1. */
export type Distance = (x: number, y: number, z: number) => number

export const ellipsoid =
  (cx: number, cy: number, cz: number, rx: number, ry: number, rz: number): Distance =>
  (x, y, z) => {
    const u = (x - cx) / rx
    const v = (y - cy) / ry
    const w = (z - cz) / rz
    const k = Math.sqrt(u * u + v * v + w * w)
    // First-order distance: the value over the length of its gradient.
    const [p, q, r] = [u / rx, v / ry, w / rz]
    const g = Math.sqrt(p * p + q * q + r * r)
    return g > 0 ? (k * (k - 1)) / g : -Math.min(rx, ry, rz)
  }

export type Point = readonly [number, number, number]

/** A rod with round ends whose radius goes from one end to the other. */
export const taper =
  ([ax, ay, az]: Point, [bx, by, bz]: Point, ra: number, rb: number): Distance =>
  (x, y, z) => {
    const [dx, dy, dz] = [bx - ax, by - ay, bz - az]
    const dot = (x - ax) * dx + (y - ay) * dy + (z - az) * dz
    const t = Math.max(0, Math.min(1, dot / (dx * dx + dy * dy + dz * dz)))
    const [ex, ey, ez] = [x - ax - t * dx, y - ay - t * dy, z - az - t * dz]
    return Math.sqrt(ex * ex + ey * ey + ez * ez) - (ra + t * (rb - ra))
  }

/** Polynomial smooth minimum: both surfaces flow into each other over about k. */
export const blend = (a: number, b: number, k: number): number => {
  if (b - a >= k) return a
  if (a - b >= k) return b
  const h = 0.5 + (b - a) / (2 * k)
  return b + h * (a - b) - k * h * (1 - h)
}

/** Surfaces flowing into each other. */
export const joined =
  (k: number, ...parts: Distance[]): Distance =>
  (x, y, z) => {
    let sum = 1e3
    for (const part of parts) sum = blend(sum, part(x, y, z), k)
    return sum
  }

/** A hollow pressed into a surface. */
export const pressed =
  (body: Distance, k: number, ...hollows: Distance[]): Distance =>
  (x, y, z) => {
    let sum = body(x, y, z)
    for (const hollow of hollows) sum = -blend(-sum, hollow(x, y, z), k)
    return sum
  }

/** The same on both sides: made for x ≥ 0. */
export const mirrored =
  (part: Distance): Distance =>
  (x, y, z) =>
    part(Math.abs(x), y, z)

/** Cut off where a plane has it outside: n · p > offset is taken away, the edge rounded over k. */
export const cut =
  (body: Distance, [nx, ny, nz]: Point, offset: number, k = 0.02): Distance =>
  (x, y, z) =>
    -blend(-body(x, y, z), -(nx * x + ny * y + nz * z - offset), k)

/** A chain of rods through points, each with its own radius. */
export const chain = (
  k: number,
  ...points: readonly (readonly [number, number, number, number])[]
) =>
  joined(
    k,
    ...points.slice(1).map(([x, y, z, r], i): Distance => {
      const [px, py, pz, pr] = points[i]!
      return taper([px, py, pz], [x, y, z], pr, r)
    }),
  )

/** A surface raised or lowered by a small relief. */
export const embossed =
  (body: Distance, relief: Distance): Distance =>
  (x, y, z) => {
    const d = body(x, y, z)
    return d > 0.1 || d < -0.1 ? d : d - relief(x, y, z)
  }

/** 1 within a ball, falling softly to 0 at its edge. */
export const spot =
  ([cx, cy, cz]: Point, radius: number): Distance =>
  (x, y, z) => {
    const t = Math.max(0, 1 - Math.hypot(x - cx, y - cy, z - cz) / radius)
    return t * t * (3 - 2 * t)
  }
