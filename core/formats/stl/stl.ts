import type { Mesh } from '../../ladder/form/surfaceNet'

/** A binary STL: 80 bytes of head, a count, and 50 bytes a triangle (normal, three corners, nothing). */
const HEAD = 84
const TRIANGLE = 50

/**
 * A mesh as binary STL, little-endian.
 * @example formatStl(mesh).length // 184
 */
export function formatStl({
  positions,
  triangles,
}: Pick<Mesh, 'positions' | 'triangles'>): Uint8Array {
  const many = triangles.length / 3
  const bytes = new Uint8Array(HEAD + TRIANGLE * many)
  const view = new DataView(bytes.buffer)
  view.setUint32(80, many, true)
  for (let t = 0; t < many; t++)
    for (let k = 0; k < 9; k++) {
      const value = positions[3 * triangles[3 * t + Math.floor(k / 3)]! + (k % 3)]!
      view.setFloat32(HEAD + TRIANGLE * t + 12 + 4 * k, value, true)
    }
  return bytes
}

/**
 * Corners of a binary STL, nine numbers a triangle.
 * @throws RangeError when it is cut short.
 * @example stlCorners(formatStl(mesh)).length // 18
 */
export function stlCorners(bytes: Uint8Array): Float32Array {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  const many = bytes.length >= HEAD ? view.getUint32(80, true) : 0
  if (many === 0 || HEAD + TRIANGLE * many > bytes.length)
    throw new RangeError(
      `the sculpt is cut short: ${bytes.length} bytes for ${many} triangles; ${HEAD} and ${TRIANGLE} each are needed`,
    )
  const corners = new Float32Array(9 * many)
  for (let t = 0; t < many; t++)
    for (let k = 0; k < 9; k++)
      corners[9 * t + k] = view.getFloat32(HEAD + TRIANGLE * t + 12 + 4 * k, true)
  return corners
}

/**
 * A binary STL says how many triangles it has; 84 bytes of head and 50 each. A text one is taken as it is.
 * @throws RangeError for one that is too short, or shorter than it says.
 * @example checkStl(formatStl(mesh).buffer)
 */
export function checkStl(data: ArrayBuffer): void {
  const start = new TextDecoder().decode(data.slice(0, 5)).toLowerCase()
  if (start === 'solid' && new TextDecoder().decode(data.slice(0, 400)).includes('facet')) return
  if (data.byteLength < 84)
    throw new RangeError(
      `is too short for an STL: ${data.byteLength} bytes, at least 84 are needed`,
    )
  const many = new DataView(data).getUint32(80, true)
  const needed = 84 + 50 * many
  if (needed > data.byteLength)
    throw new RangeError(
      `is cut short: it says ${many.toLocaleString('en')} triangles, which take ${needed.toLocaleString('en')} bytes, and has ${data.byteLength.toLocaleString('en')}`,
    )
}
