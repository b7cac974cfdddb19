/** Schools of shadow and of light; what each does stands in `core/ladder/light/schools.ts`. */
export const shadowSchoolKeys = [
  'own',
  'violet',
  'complement',
  'blue-green',
  'crevice',
  'warm',
  'cold',
  'paint',
] as const
export type ShadowSchool = (typeof shadowSchoolKeys)[number]

export const lightSchoolKeys = ['plain', 'white', 'flesh', 'pink', 'yellow', 'paint'] as const
export type LightSchool = (typeof lightSchoolKeys)[number]
