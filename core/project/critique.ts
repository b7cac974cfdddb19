import type { Lab } from '../colour/lab'
import type { StepKey } from './steps'

/** Where on the skin. */
export type SkinPart = 'all' | 'lights' | 'shadows' | StepKey

/** Hues a colour may lie toward beside another. */
export const hueDirections = ['red', 'orange', 'yellow', 'green', 'blue', 'violet'] as const
export type HueDirection = (typeof hueDirections)[number]

/** A fault as it is said: what, where, how much. */
export type NamedFault =
  /** Values from dark to light against the plan's, 1 = as planned; of one side: how far it goes from the base. */
  | { key: 'flat' | 'hard'; part: SkinPart; times: number }
  /** L* beside the plan. */
  | { key: 'too dark' | 'too light'; part: SkinPart; L: number }
  /** Chroma against the plan's. */
  | { key: 'chalky' | 'grey' | 'strong'; part: SkinPart; times: number }
  /** CIELAB a, b beside the plan. */
  | { key: 'tinted'; part: SkinPart; toward: HueDirection; by: number }
  /** Share of the skin that lights take, and what was planned. */
  | { key: 'lights large' | 'lights small'; part: 'lights'; share: number; planned: number }
  /** Steps that are missing between the base and the lights, or the shadows. */
  | { key: 'stranded' | 'hard edge'; part: 'lights' | 'shadows'; step: StepKey }
  /** A step of another colour altogether. */
  | { key: 'wrong colour'; part: StepKey }

/** What a photograph may have in it that is neutral, and its luminance factor where that is known. */
export const neutrals = {
  paper: { name: 'white paper', Y: 87 },
  card: { name: 'grey card, 18 %', Y: 18 },
  other: { name: 'some other grey' },
} as const satisfies Record<string, { name: string; Y?: number }>
export type NeutralKey = keyof typeof neutrals

/** A photograph of a painted figure as it was judged. */
export interface FigureCritique {
  id: string
  at: string
  /** The photograph, kept beside the project. */
  photo?: string
  neutral?: NeutralKey
  /** Distance from the plan, ΔE00. */
  off: number
  /** Colours as they were read, dark to light, at equal shares of the skin. */
  strip: Lab[]
  faults: NamedFault[]
}
