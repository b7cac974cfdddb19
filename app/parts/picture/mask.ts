import { polygonContains } from 'd3'
import type { Mask } from '../../../core'
import type { PicturePoint } from '../../workers/pictureWorker'

interface Size {
  width: number
  height: number
}

/** A new mask with all that lies inside added, within a box of pixels. */
function added(
  mask: Mask | undefined,
  { width, height }: Size,
  inside: (x: number, y: number) => boolean,
  [x0, y0, x1, y1]: readonly [number, number, number, number],
): Uint8Array {
  const next = mask ? Uint8Array.from(mask) : new Uint8Array(width * height)
  for (let y = Math.max(0, y0); y <= Math.min(height - 1, y1); y++)
    for (let x = Math.max(0, x0); x <= Math.min(width - 1, x1); x++)
      if (inside(x, y)) next[y * width + x] = 1
  return next
}

/** A disc of so many pixels of radius is chosen too. */
export const withDisc = (
  mask: Mask | undefined,
  size: Size,
  { x, y }: PicturePoint,
  r: number,
): Uint8Array =>
  added(mask, size, (px, py) => (px - x) ** 2 + (py - y) ** 2 <= r * r, [
    x - r,
    y - r,
    x + r,
    y + r,
  ])

/** What lies within a polygon of three corners or more is chosen too. */
export function withPolygon(
  mask: Mask | undefined,
  size: Size,
  corners: readonly PicturePoint[],
): Uint8Array {
  const points = corners.map(({ x, y }) => [x, y] as [number, number])
  const xs = points.map(([x]) => x)
  const ys = points.map(([, y]) => y)
  return added(mask, size, (x, y) => polygonContains(points, [x, y]), [
    Math.min(...xs),
    Math.min(...ys),
    Math.max(...xs),
    Math.max(...ys),
  ])
}
