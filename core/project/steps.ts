/** Every step a ladder may have, dark to light; a shorter ladder leaves some out. */
export const stepKeys = [
  'crevice',
  'dark',
  'deep-shade',
  'shade',
  'half-shade',
  'base',
  'half-light',
  'light',
  'high-light',
  'bright',
  'glint',
] as const
export type StepKey = (typeof stepKeys)[number]

export const stepNames: Readonly<Record<StepKey, string>> = {
  crevice: 'Crevice',
  dark: 'Dark',
  'deep-shade': 'Deep shade',
  shade: 'Shade',
  'half-shade': 'Half-shade',
  base: 'Base',
  'half-light': 'Half-light',
  light: 'Light',
  'high-light': 'High light',
  bright: 'Bright',
  glint: 'Glint',
}

/** Shadow steps from the base down, light steps from the base up, by how many there are. */
const downward: Readonly<Record<number, readonly StepKey[]>> = {
  1: ['shade'],
  2: ['shade', 'crevice'],
  3: ['half-shade', 'shade', 'crevice'],
  4: ['half-shade', 'shade', 'deep-shade', 'crevice'],
  5: ['half-shade', 'shade', 'deep-shade', 'dark', 'crevice'],
}
const upward: Readonly<Record<number, readonly StepKey[]>> = {
  1: ['light'],
  2: ['light', 'glint'],
  3: ['half-light', 'light', 'glint'],
  4: ['half-light', 'light', 'high-light', 'glint'],
  5: ['half-light', 'light', 'high-light', 'bright', 'glint'],
}
/** Most steps on one side of the base. */
export const MOST_ON_A_SIDE = 5

/** Names of a ladder with so many steps below and above its base, dark to light. */
export const stepsAround = (below: number, above: number): StepKey[] => [
  ...[...downward[below]!].reverse(),
  'base',
  ...upward[above]!,
]

/**
 * Places of a ladder's steps in the order in which they are painted: the base, shadows downward, lights upward (common
 * practice, no source).
 * @example paintingOrder(2, 1) // [2,1,0,3]
 */
export const paintingOrder = (below: number, above: number): number[] => [
  below,
  ...Array.from({ length: below }, (_, i) => below - 1 - i),
  ...Array.from({ length: above }, (_, i) => below + 1 + i),
]

/** How far out a step lies from the base, as a share of its side, in a ladder that does not have it. */
const outward: Readonly<Record<StepKey, number>> = {
  crevice: -1,
  dark: -0.9,
  'deep-shade': -0.8,
  shade: -0.6,
  'half-shade': -0.34,
  base: 0,
  'half-light': 0.34,
  light: 0.66,
  'high-light': 0.8,
  bright: 0.9,
  glint: 1,
}

/**
 * The step that plays a part in a ladder of any length: itself, or where it lies between the base and the end.
 * @param keys steps there are, dark to light.
 * @example stepFor('crevice', ['shade', 'base', 'light']) // "shade"
 */
export function stepFor(key: StepKey, keys: readonly StepKey[]): StepKey {
  if (keys.includes(key)) return key
  const base = Math.max(0, keys.indexOf('base'))
  const out = outward[key]
  const side = out < 0 ? base : keys.length - 1 - base
  return keys[Math.round(base + out * side)] ?? key
}
