import type { Mixture } from '../paint/mixture'
import type { Lab } from '../colour/lab'
import type { Skill } from './skills'

/** What exercises are made from: the painter's own bottles and the steps of the painter's own figures. */
export interface EyeWorld {
  paints: readonly (Mixture & { id: string })[]
  tones: readonly Lab[]
}

/** Bottles and their drops, by place in the world's paints. */
export interface EyePart {
  paint: string
  drops: number
}

/** One of what stands to choose from. */
export interface EyeOption {
  /** One colour, or two that touch. */
  looks: readonly Lab[]
  /** What is asked about, in the unit of the skill: its L*, its hue, how far off it is. */
  value: number
  /** What it is mixed from, where that is the question. */
  parts?: readonly EyePart[]
}

/** What is done to a paint before one is asked how it looks. */
export type Drying = 'wet' | 'black' | 'white' | 'glaze'

interface Asked {
  skill: Skill
  /** Colours that the question is about, before anything is chosen. */
  shown: readonly Lab[]
  /** What these are mixed from, where that is known to who is asked. */
  parts?: readonly EyePart[]
  drying?: Drying
}

/** One of several is right; the others differ from it by `level`. */
export interface PickExercise extends Asked {
  kind: 'pick'
  options: readonly EyeOption[]
  right: number
  level: number
}

/** All are put in order, dark to light; neighbours differ by `level`. */
export interface OrderExercise extends Asked {
  kind: 'order'
  options: readonly EyeOption[]
  /** Places of the options, dark to light. */
  order: readonly number[]
  level: number
}

/** Where between two bottles the mix looks half-way: log₂ of drops of the second to one of the first. */
export interface SlideExercise extends Asked {
  kind: 'slide'
  truth: number
  most: number
}

/** Which skin it is, by its share of melanin and of blood. */
export interface FieldExercise extends Asked {
  kind: 'field'
  /** Its place on the field, each 0 to 1, and its shares. */
  truth: { across: number; up: number; melanin: number; blood: number }
}

export type Exercise = PickExercise | OrderExercise | SlideExercise | FieldExercise
