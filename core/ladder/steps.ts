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
