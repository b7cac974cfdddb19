import { chain } from '../distance'
import type { Distance } from '../distance'

/** Where a place of life, an eye, a tusk or a claw lies on a form: inside where the distance is below 0. */
export interface LifeZone {
  /** The place as skin, hide and small parts name it. */
  key: string
  at: Distance
  /** How softly it ends, in units of the form; a glaze fades, an eye does not. */
  soft: number
}

export const zone = (key: string, at: Distance, soft: number): LifeZone => ({ key, at, soft })

/** A line that is drawn on what faces the eye, however deep it lies: x, y and radius of each point. */
export function drawnAcross(...points: readonly (readonly [number, number, number])[]): Distance {
  const line = chain(0.005, ...points.map(([x, y, r]) => [x, y, 0, r] as const))
  return (x, y, z) => (z > 0 ? line(x, y, 0) : 1)
}

/** What lies within an outline as it is seen from the front, and before a depth; distance to the outline. */
export function outlined(points: readonly (readonly [number, number])[], before: number): Distance {
  return (x, y, z) => {
    if (z < before) return 1
    let [least, inside] = [Infinity, false]
    for (let i = 0; i < points.length; i++) {
      const [ax, ay] = points[i]!
      const [bx, by] = points[(i + 1) % points.length]!
      const [dx, dy] = [bx - ax, by - ay]
      const along = ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy || 1)
      const t = Math.max(0, Math.min(1, along))
      least = Math.min(least, Math.hypot(x - ax - t * dx, y - ay - t * dy))
      if (ay > y !== by > y && x < ax + ((y - ay) / (by - ay)) * dx) inside = !inside
    }
    return inside ? -least : least
  }
}
