import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { Ingredient, PuddlePart } from '../../../core'

/** What a place on the figure is to be painted with: asked for, and where the answer goes. */
export interface MixAsked {
  /** “Coat 2”, “The lower lip”. */
  title: string
  now?: Ingredient
  put: (of: Ingredient) => void
}

/** A puddle that is being mixed: one that is there, or a new one. */
export interface PuddleEdited {
  /** The puddle that is changed; a new one where there is none. */
  id?: string
  name: string
  parts: readonly PuddlePart[]
  /** What happens with a new one. */
  put?: (of: Ingredient) => void
}

/** Which of the palette's dialogs is open, and for what: any room may ask. */
export const useAsked = defineStore('asked', () => {
  const mix = shallowRef<MixAsked>()
  const puddle = shallowRef<PuddleEdited>()
  return { mix, puddle }
})
