import type { Distance } from './distance'

/** Half the side of the cube that a grid covers. */
const REACH = 1.12

/**
 * A distance read off a grid, linear between its points: as good for rays, and far sooner told.
 * @param value at a point of the cube from −1.12 to 1.12.
 * @example distanceGrid(shapes.egg, 32)(0, 0, 0) < 0 // true
 */
export function distanceGrid(value: Distance, cells: number): Distance {
  const side = cells + 1
  const step = (2 * REACH) / cells
  const kept = new Float32Array(side ** 3)
  for (let k = 0, n = 0; k < side; k++)
    for (let j = 0; j < side; j++)
      for (let i = 0; i < side; i++, n++)
        kept[n] = value(i * step - REACH, j * step - REACH, k * step - REACH)
  return gridDistance(kept, cells)
}

/** The same from numbers that are there: x runs first, then y, then z. */
export function gridDistance(kept: Float32Array, cells: number): Distance {
  const side = cells + 1
  const scale = cells / (2 * REACH)
  const last = cells - 1e-6
  return (x, y, z) => {
    const u = Math.max(0, Math.min(last, (x + REACH) * scale))
    const v = Math.max(0, Math.min(last, (y + REACH) * scale))
    const w = Math.max(0, Math.min(last, (z + REACH) * scale))
    const [i, j, k] = [Math.floor(u), Math.floor(v), Math.floor(w)]
    const [p, q, r] = [u - i, v - j, w - k]
    const at = (k * side + j) * side + i
    const row = (n: number): number => kept[n]! + p * (kept[n + 1]! - kept[n]!)
    const sheet = (n: number): number => {
      const low = row(n)
      return low + q * (row(n + side) - low)
    }
    const low = sheet(at)
    return low + r * (sheet(at + side * side) - low)
  }
}
