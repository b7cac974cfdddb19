import type { Mixture } from './mixture'

/** What a bottle is filled as: how much pigment it holds, and how much of what scatters. */
export const strengthKinds = ['hobby', 'artists', 'translucent', 'ink'] as const
export type StrengthKind = (typeof strengthKinds)[number]

/**
 * Bottled paints for figures are thin: they carry less than half the coloured pigment of tube paint, while their
 * whites are loaded to cover (from memory). Features of pigments are written at tube strength.
 */
const BOTTLE_LOAD = 0.45

/**
 * Of the strongest pigments a hobby bottle holds a smaller dose, so that a drop can be handled: times the load of
 * other pigments, by Colour Index name. Sized so that a violet at 10 : 1 moves a brown shadow by 3–7 ΔE00 and a pink
 * at 12 : 1 a lip by 2–5 (common practice, no source).
 */
const DOSES: Readonly<Record<string, number>> = {
  PV23: 0.42,
  PR122: 0.33,
  PV19: 0.5,
  'PB15:1': 0.42,
  'PB15:3': 0.42,
  PG7: 0.6,
  PB27: 0.5,
  PB60: 0.6,
}

const isWhite = (pigments: readonly string[]): boolean =>
  pigments.some((name) => name.startsWith('PW'))

/**
 * K and S of a hobby bottle against tube strength, for a paint of one pigment; 0–1.
 * @example hobbyLoad(['PW6']) // 1
 */
export const hobbyLoad = (pigments: readonly string[]): number =>
  isWhite(pigments) ? 1 : BOTTLE_LOAD * Math.min(...pigments.map((name) => DOSES[name] ?? 1), 1)

/** K and S against the hobby bottle: translucent paints are made without what scatters, inks of fine pigment. */
const against: Readonly<
  Record<Exclude<StrengthKind, 'hobby' | 'artists'>, { K: number; S: number }>
> = {
  translucent: { K: 0.7, S: 0.35 },
  ink: { K: 2, S: 0.3 },
}

/**
 * A hobby paint as it would be if it were filled otherwise; from memory, common practice.
 * @example filledAs(ochre, 'artists').S[0] / ochre.S[0] > 2 // true
 */
export function filledAs<P extends Mixture & { pigments: string[] }>(
  paint: P,
  kind: StrengthKind,
): P {
  if (kind === 'hobby') return paint
  const tube = 1 / hobbyLoad(paint.pigments)
  const { K, S } = kind === 'artists' ? { K: tube, S: tube } : against[kind]
  return { ...paint, K: paint.K.map((k) => k * K), S: paint.S.map((s) => s * S) }
}
