import { contours } from 'd3'
import { keyVector, lifeAt, lifeZones, usualKey } from '../../core'
import type { FormDrawing } from '../../app/stores/formDrawing'
import type { FormKey, Mesh } from '../../core'

/** Seen finer than it is drawn, so that lines are smooth. */
const SIDE = 600
const DRAWN = 300
/** Half of what is seen, in units of a form. */
const HALF = 1.05
/** How far a line may be off the edge it stands for, in pixels. */
const OFF = 0.8

type Ring = readonly (readonly number[])[]

/** Fewer points that keep a line within `OFF` (Ramer 1972, Douglas & Peucker 1973). */
function plain(ring: Ring): Ring {
  if (ring.length < 3) return ring
  const [a, b] = [ring[0]!, ring.at(-1)!]
  let [most, at] = [0, 0]
  ring.forEach((p, i) => {
    const [dx, dy] = [b[0]! - a[0]!, b[1]! - a[1]!]
    const length = Math.hypot(dx, dy)
    const off =
      length > 1e-9
        ? Math.abs((p[0]! - a[0]!) * dy - (p[1]! - a[1]!) * dx) / length
        : Math.hypot(p[0]! - a[0]!, p[1]! - a[1]!)
    if (off > most) [most, at] = [off, i]
  })
  if (most <= OFF) return [a, b]
  return [...plain(ring.slice(0, at + 1)).slice(0, -1), ...plain(ring.slice(at))]
}

const drawn = (v: number): string => String(Math.round((10 * DRAWN * v) / SIDE) / 10)

/** Where a field passes a value, as the path of its edges. */
function pathOf(field: Float64Array, value: number): string {
  const { coordinates } = contours()
    .size([SIDE, SIDE])
    .contour([...field], value)
  return coordinates
    .flat()
    .map((ring) => plain(ring))
    .filter((ring) => ring.length > 3)
    .map((ring) => `M${ring.map((p) => p.map(drawn).join(' ')).join('L')}Z`)
    .join('')
}

/** Values of the points that are seen in every pixel; nothing beside the form. */
function seenFrom({ positions, triangles }: Mesh, values: readonly Float32Array[]) {
  const depth = new Float32Array(SIDE * SIDE).fill(-Infinity)
  const fields = values.map(() => new Float64Array(SIDE * SIDE))
  const place = (p: number): [number, number, number] => [
    ((positions[3 * p]! / HALF + 1) * SIDE) / 2,
    ((1 - positions[3 * p + 1]! / HALF) * SIDE) / 2,
    positions[3 * p + 2]!,
  ]
  for (let t = 0; t < triangles.length; t += 3) {
    const corners = [triangles[t]!, triangles[t + 1]!, triangles[t + 2]!] as const
    const [[ax, ay, az], [bx, by, bz], [cx, cy, cz]] = corners.map(place) as [
      [number, number, number],
      [number, number, number],
      [number, number, number],
    ]
    const whole = (bx - ax) * (cy - ay) - (cx - ax) * (by - ay)
    // What faces away is behind what faces us.
    if (whole >= 0) continue
    const low = (...all: number[]): number => Math.max(0, Math.ceil(Math.min(...all) - 0.5))
    const high = (...all: number[]): number => Math.min(SIDE - 1, Math.floor(Math.max(...all)))
    for (let y = low(ay, by, cy); y <= high(ay, by, cy); y++)
      for (let x = low(ax, bx, cx); x <= high(ax, bx, cx); x++) {
        const [px, py] = [x + 0.5, y + 0.5]
        const u = ((bx - px) * (cy - py) - (cx - px) * (by - py)) / whole
        const v = ((cx - px) * (ay - py) - (ax - px) * (cy - py)) / whole
        const w = 1 - u - v
        if (u < -1e-6 || v < -1e-6 || w < -1e-6) continue
        const z = u * az + v * bz + w * cz
        const at = y * SIDE + x
        if (z <= depth[at]!) continue
        depth[at] = z
        fields.forEach(
          (field, f) =>
            (field[at] =
              u * values[f]![corners[0]]! +
              v * values[f]![corners[1]]! +
              w * values[f]![corners[2]]!),
        )
      }
  }
  return { depth, fields }
}

/** The drawing of a form as it is shipped. */
export function drawingOf(key: FormKey, mesh: Mesh & { occlusion: Float32Array }): FormDrawing {
  const zones = lifeZones[key]
  const light = keyVector(usualKey)
  const dark = Float32Array.from(mesh.occlusion, (covered, p) => {
    const lambert = [0, 1, 2].reduce((sum, a) => sum + light[a]! * mesh.normals[3 * p + a]!, 0)
    return 1 - Math.max(0, lambert) * (1 - 0.6 * covered) + 0.5 * covered
  })
  const weights = zones.map((zone) => lifeAt(zone, mesh.positions))
  const { depth, fields } = seenFrom(mesh, [dark, ...weights])
  return {
    outline: pathOf(
      Float64Array.from(depth, (z) => (z > -Infinity ? 1 : 0)),
      0.5,
    ),
    shades: [pathOf(fields[0]!, 0.72), pathOf(fields[0]!, 1.02)],
    places: Object.fromEntries(
      zones.flatMap(({ key: place }, i) => {
        const d = pathOf(fields[i + 1]!, 0.5)
        return d ? [[place, d]] : []
      }),
    ),
  }
}
