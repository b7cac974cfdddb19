/** The steps of a ladder from dark to light. */
export const stepKeys = [
  'crevice',
  'shade',
  'half-shade',
  'base',
  'half-light',
  'light',
  'glint',
] as const
export type StepKey = (typeof stepKeys)[number]

/** What a step means before any colour is known. */
export interface Rung {
  key: StepKey
  name: string
  /** Way down to black (negative) or up to white (positive) at contrast 1, as a share. */
  climb: number
  /** Share of the visible skin, adding to 1 over the ladder; common practice, no source. */
  share: number
}

const all: Record<StepKey, Omit<Rung, 'key' | 'share'>> = {
  crevice: { name: 'Crevice', climb: -0.66 },
  shade: { name: 'Shade', climb: -0.38 },
  'half-shade': { name: 'Half-shade', climb: -0.17 },
  base: { name: 'Base', climb: 0 },
  'half-light': { name: 'Half-light', climb: 0.3 },
  light: { name: 'Light', climb: 0.62 },
  glint: { name: 'Glint', climb: 1 },
}

const shares: Record<5 | 7, Partial<Record<StepKey, number>>> = {
  5: { crevice: 0.1, shade: 0.24, base: 0.38, light: 0.21, glint: 0.07 },
  7: {
    crevice: 0.06,
    shade: 0.16,
    'half-shade': 0.22,
    base: 0.28,
    'half-light': 0.15,
    light: 0.09,
    glint: 0.04,
  },
}

export function rungs(count: 5 | 7): Rung[] {
  const chosen = shares[count]
  if (!chosen) throw new RangeError(`a ladder of ${String(count)} steps; allowed is 5 or 7`)
  return stepKeys.flatMap((key) =>
    chosen[key] === undefined ? [] : [{ key, ...all[key], share: chosen[key] }],
  )
}
