import type { Mixture, Spectrum } from '../../core'

/** How paint behaves in a world; the application knows one of them, and is tried in others. */
export interface World {
  /** Saunderson constants of its surfaces. */
  k1: number
  k2: number
  /** Absorption and scattering of a mix add up to this power; 1 as Duncan has it. */
  power: number
  /** Drops differ in size by so much, as a share. */
  drops: number
  /** Films are told thicker or thinner than they are by so much, as a share. */
  thickness: number
  /** Share of the light that is taken in below 450 nm and comes out as glow near 520 nm. */
  glow: number
  /** Share of the ground that shows through what was meant to be opaque. */
  through: number
  /** Light that the surface scatters into the eye whatever lies under it, as a share of a perfect white. */
  glare: number
}

export const plainWorld: World = {
  k1: 0.04,
  k2: 0.6,
  power: 1,
  drops: 0,
  thickness: 0,
  glow: 0,
  through: 0,
  glare: 0,
}
/** Another physics: surfaces of another binder, mixes that do not quite add up, uneven drops. */
export const otherWorld: World = { ...plainWorld, k1: 0.045, k2: 0.55, power: 0.95, drops: 0.2 }

const seen = (inner: number, { k1, k2 }: World): number =>
  ((1 - k1) * (1 - k2) * inner) / (1 - k2 * inner)
interface Share {
  bottle: Mixture
  share: number
}

function mixed(parts: readonly Share[], { power }: World): Mixture {
  const all = parts.reduce((sum, { share }) => sum + share, 0)
  const add = (curve: 'K' | 'S'): Spectrum =>
    parts[0]!.bottle[curve].map(
      (_, i) =>
        parts.reduce(
          (sum, { bottle, share }) => sum + (share / all) * bottle[curve][i]! ** power,
          0,
        ) **
        (1 / power),
    )
  return { K: add('K'), S: add('S') }
}

/** What was taken in at the short end comes out again in the green. */
function glowing(R: Spectrum, { glow }: World): Spectrum {
  if (glow === 0) return R
  let taken = 0
  for (let i = 0; i < 8; i++) taken += (1 - R[i]!) / 8
  return R.map((r, i) => r + glow * taken * Math.exp(-(((380 + 10 * i - 520) / 30) ** 2) / 2))
}

/** Reflectance of an opaque coat (Kubelka & Munk 1931 in its closed form). */
export function opaque(parts: readonly Share[], world: World): Spectrum {
  const { K, S } = mixed(parts, world)
  const R = K.map((k, i) => {
    const q = k / Math.max(1e-9, S[i]!)
    const inner = 1 + q - Math.sqrt(q * q + 2 * q)
    return (1 - world.through) * seen(inner, world) + world.through * 0.5 + world.glare
  })
  return glowing(R, world)
}

/** What an instrument would say of a spectrum: its noise, and four decimals. */
export const read = (R: Spectrum, normal: () => number, noise = 1): Spectrum => {
  const common = 0.002 * normal()
  return R.map((r) => {
    const value = r * (1 + noise * (common + 0.0025 * normal())) + noise * 0.0005 * normal()
    return Math.round(1e4 * Math.max(0, value)) / 1e4
  })
}

/** A colour as it is picked from a picture: off by about 1.2 in each of L*, a*, b*… here ΔE00 1.2 on average. */
export const picked = (
  { L, a, b }: { L: number; a: number; b: number },
  normal: () => number,
  off = 0.9,
): { L: number; a: number; b: number } => ({
  L: L + off * normal(),
  a: a + off * normal(),
  b: b + off * normal(),
})

/** Drops as they fall: each differs from the next. */
export const fallen = (drops: number, normal: () => number, { drops: uneven }: World): number => {
  let volume = 0
  for (let n = 0; n < drops; n++) volume += Math.max(0.2, 1 + uneven * normal())
  return volume
}
