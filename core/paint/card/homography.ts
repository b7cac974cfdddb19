import { solve } from '../../numbers/solve'

export interface PagePoint {
  x: number
  y: number
}

/**
 * The projection that takes four places to four others (a homography; Hartley & Zisserman 2004, "Multiple
 * View Geometry", 4.1, direct linear form with h33 = 1).
 * @throws RangeError when three of the places lie on a line.
 */
export function homography(
  from: readonly PagePoint[],
  to: readonly PagePoint[],
): (place: PagePoint) => PagePoint {
  if (from.length !== 4 || to.length !== 4) throw new RangeError('four corners are needed')
  const A: Float64Array[] = []
  const b = new Float64Array(8)
  from.forEach(({ x, y }, i) => {
    const { x: u, y: v } = to[i]!
    A.push(Float64Array.of(x, y, 1, 0, 0, 0, -u * x, -u * y))
    A.push(Float64Array.of(0, 0, 0, x, y, 1, -v * x, -v * y))
    b[2 * i] = u
    b[2 * i + 1] = v
  })
  let h: Float64Array
  try {
    h = solve(A, b)
  } catch {
    throw new RangeError('the corners lie on a line; drag each to its own mark')
  }
  if (!h.every(Number.isFinite))
    throw new RangeError('the corners lie on a line; drag each to its own mark')
  return ({ x, y }) => {
    const w = h[6]! * x + h[7]! * y + 1
    return { x: (h[0]! * x + h[1]! * y + h[2]!) / w, y: (h[3]! * x + h[4]! * y + h[5]!) / w }
  }
}
