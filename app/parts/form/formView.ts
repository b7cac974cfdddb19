import { Vector3 } from 'three'
import type { BufferGeometry } from 'three'

/** From how far the whole is seen, and from how near a small place, in units of the form, which is 2 across. */
const WHOLE = 4.1
const NEAR = 2.6
/** No higher and no lower than this the eye goes, so that up stays up: rise against distance. */
const STEEPEST = 0.55
/** The whole is seen a little from the side the light comes from. */
const THREE_QUARTER = -0.35

/**
 * From where points are seen best: along their mean normal, nearer the closer together they lie.
 * @param placed 0 or 1 a point; all of them when nothing is given.
 */
export function viewOf(
  geometry: BufferGeometry,
  placed: Float32Array | undefined,
): { target: Vector3; from: Vector3 } {
  const position = geometry.getAttribute('position')
  const normal = geometry.getAttribute('normal')
  const centre = new Vector3()
  const mean = new Vector3()
  let many = 0
  const point = new Vector3()
  if (placed && placed.length === position.count)
    for (let p = 0; p < placed.length; p++) {
      if (placed[p]! < 0.5) continue
      many++
      centre.add(point.fromBufferAttribute(position, p))
      mean.add(point.fromBufferAttribute(normal, p))
    }
  if (many === 0 || many > 0.7 * position.count)
    return {
      target: new Vector3(),
      from: new Vector3(Math.sin(THREE_QUARTER), 0.12, Math.cos(THREE_QUARTER)).multiplyScalar(
        WHOLE,
      ),
    }
  centre.divideScalar(many)
  mean.divideScalar(many)
  let spread = 0
  for (let p = 0; p < placed!.length; p++)
    if (placed![p]! >= 0.5)
      spread += point.fromBufferAttribute(position, p).distanceToSquared(centre)
  spread = Math.sqrt(spread / many)
  // What lies on both sides, or all round, is seen from the front.
  const aside = Math.hypot(mean.x, mean.z)
  const angle = aside > 0.25 ? Math.atan2(mean.x, mean.z) : THREE_QUARTER
  const rise = Math.max(-STEEPEST, Math.min(STEEPEST, mean.y))
  const near = Math.max(0, Math.min(1, (0.55 - spread) / 0.4))
  const distance = WHOLE + (NEAR - WHOLE) * near
  const target = centre.multiplyScalar(near)
  const from = new Vector3(Math.sin(angle), rise, Math.cos(angle))
    .normalize()
    .multiplyScalar(distance)
    .add(target)
  return { target, from }
}
