/** How an answer is given: one of several, an order, a place on a slider or on a field. */
type AnswerKind = 'pick' | 'order' | 'slide' | 'field'

/** What an eye is asked for, and in what its differences are told. */
export interface SkillAbout {
  kind: AnswerKind
  /** ΔL*, Δh in degrees, Δa*, ΔC*, ΔE00 or doublings of a ratio. */
  unit: 'ΔL*' | 'Δh°' | 'Δa*' | 'ΔC*' | 'ΔE00' | 'doublings'
  /** So many stand to choose from. */
  options: number
  /** Where one begins, and the least and most difference that is shown, in its unit. */
  from: number
  least: number
  most: number
  /** What it rests on: whoever confuses reds and greens is not asked for it. */
  needs: 'lightness' | 'hue'
}

const pick = { kind: 'pick', options: 6 } as const
const large = { from: 6, least: 0.3, most: 40 }

/** Every skill that can be exercised, in the order they are shown. */
export const skills = {
  lighter: { ...pick, unit: 'ΔL*', from: 6, least: 0.2, most: 40, needs: 'lightness' },
  warmer: { ...pick, unit: 'Δh°', from: 20, least: 0.5, most: 120, needs: 'hue' },
  redder: { ...pick, unit: 'Δa*', from: 8, least: 0.2, most: 40, needs: 'hue' },
  greyer: { ...pick, unit: 'ΔC*', from: 8, least: 0.2, most: 40, needs: 'hue' },
  order: {
    kind: 'order',
    options: 720,
    unit: 'ΔL*',
    from: 6,
    least: 0.2,
    most: 12,
    needs: 'lightness',
  },
  breaks: { ...pick, options: 5, unit: 'ΔE00', ...large, needs: 'lightness' },
  ratio: {
    kind: 'slide',
    options: 1,
    unit: 'doublings',
    from: 1,
    least: 0.01,
    most: 6,
    needs: 'lightness',
  },
  well: { ...pick, unit: 'ΔE00', ...large, needs: 'hue' },
  more: { ...pick, unit: 'ΔE00', from: 4, least: 0.05, most: 30, needs: 'hue' },
  dried: { ...pick, unit: 'ΔE00', ...large, needs: 'lightness' },
  skin: { kind: 'field', options: 1, unit: 'ΔE00', from: 5, least: 0.05, most: 80, needs: 'hue' },
  same: { ...pick, unit: 'ΔE00', from: 5, least: 0.1, most: 40, needs: 'hue' },
} as const satisfies Readonly<Record<string, SkillAbout>>

export type Skill = keyof typeof skills
export const skillKeys = Object.keys(skills) as Skill[]

/**
 * Whether a skill is answered by a place, and is off by so much; the others are right or wrong.
 * @example isPlaced('ratio') // true
 */
export const isPlaced = (skill: Skill): boolean => ['slide', 'field'].includes(skills[skill].kind)
