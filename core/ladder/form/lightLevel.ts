import type { KeyDirection } from '../../project/keyLight'

/** Share of the light that comes from everywhere (from memory). */
export const AMBIENT = 0.3

/** @example keyVector({ azimuth: 0, elevation: 90 })[1] // 1 */
export function keyVector({ azimuth, elevation }: KeyDirection): [number, number, number] {
  const [a, e] = [(azimuth * Math.PI) / 180, (elevation * Math.PI) / 180]
  return [Math.sin(a) * Math.cos(e), Math.sin(e), Math.cos(a) * Math.cos(e)]
}

/**
 * Light that a point gets, 0–1: Lambert's cosine of the key as far as it is not shaded, and light from everywhere, more
 * from above.
 * @param through how much of the key reaches the point; where it was never worked out, what covers it stands in.
 */
export function lightLevel(
  nx: number,
  ny: number,
  nz: number,
  occlusion: number,
  key: readonly [number, number, number],
  through = 1 - 0.65 * occlusion,
): number {
  const lambert = Math.max(0, nx * key[0] + ny * key[1] + nz * key[2])
  const open = 1 - occlusion
  return (1 - AMBIENT) * lambert * through + AMBIENT * open * (0.6 + 0.4 * ny)
}
