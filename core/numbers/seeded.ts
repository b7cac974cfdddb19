/**
 * Repeatable numbers in 0–1 (mulberry32, public domain).
 * @example seeded(1)() < 1 // true
 */
export function seeded(seed: number): () => number {
  let state = seed | 0
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

/**
 * Standard normal numbers from uniform ones (Box & Muller 1958, doi:10.1214/aoms/1177706645).
 * @example normals(seeded(1))()
 */
export const normals = (random: () => number) => (): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
