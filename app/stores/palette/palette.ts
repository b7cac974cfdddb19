import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { isBottle, stepOf, stepPuddle, usesOf } from '../../../core'
import type { Ingredient, PuddlePart } from '../../../core'
import { useAccents } from '../accents/accents'
import { useLadder } from '../ladder/ladder'
import { useProject } from '../project/project'
import { memoise } from '../memoise'
import { FigurePalette } from './figurePalette'
import type { MixLook } from './figurePalette'
import { zoneNames } from './zoneNames'

/** A well of the palette. */
export interface PaletteWell extends MixLook {
  of: Ingredient
  name: string
  /** A step of the ladder, the painter's own, one of the commission, or found for a place. */
  kind: 'step' | 'own' | 'shared' | 'found'
  made: readonly PuddlePart[]
}

/** Everything that the open figure is painted with, as wells: what is in them, what they look like, how much of each. */
export const usePalette = defineStore('palette', () => {
  const store = useProject()
  const ladder = useLadder()
  const accents = useAccents()

  const palette = computed(
    () =>
      new FigurePalette(
        {
          figure: store.figure,
          spots: ladder.spots,
          contents: ladder.contents,
          others: ladder.otherSteps,
          glazes: accents.found,
          details: accents.details,
        },
        zoneNames(store.figure),
      ),
  )
  /** Puddles of the painter's own that this figure may use. */
  const stored = memoise(() => {
    const { id } = store.figure
    const steps = new Set(ladder.steps.map(({ key }) => stepPuddle(id, key)))
    /** A settled step that the ladder has no more is a mix like any other, as long as something is painted with it. */
    const isMix = (puddle: string): boolean =>
      stepOf(id, puddle) === undefined ||
      (!steps.has(puddle) && usesOf(store.project, puddle).length > 0)
    return (store.project.puddles ?? []).filter(
      (one) => one.figure === undefined || (one.figure === id && isMix(one.id)),
    )
  })
  const wells = computed<PaletteWell[]>(() => [
    ...ladder.steps.map(({ key, name, made, painted, target }): PaletteWell => ({
      of: { puddle: stepPuddle(store.figure.id, key) },
      name,
      kind: 'step',
      made,
      lab: painted ?? target,
      trouble: '',
    })),
    ...stored.value.map(({ id, figure, parts }): PaletteWell => ({
      of: { puddle: id },
      name: palette.value.nameOf({ puddle: id }),
      kind: figure === undefined ? 'shared' : 'own',
      made: parts,
      ...palette.value.look(parts),
    })),
    ...palette.value.found.map(({ id, name, made }): PaletteWell => ({
      of: { puddle: id },
      name,
      kind: 'found',
      made,
      ...palette.value.look(made),
    })),
  ])
  /** What the painter has taken up, to put it somewhere. */
  const inHand = shallowRef<Ingredient>()

  /**
   * A mix as one that may be named elsewhere: what was only found for a place becomes the painter's own.
   * @returns nothing where that was refused.
   */
  function settled(of: Ingredient): Ingredient | undefined {
    const one = isBottle(of) ? undefined : palette.value.found.find(({ id }) => id === of.puddle)
    if (!one) return of
    // What goes into it and was only found has to be the painter's own too.
    const parts = one.made.flatMap(({ of: inside, drops }) => {
      const own = settled(inside)
      return own ? [{ of: own, drops }] : []
    })
    // One that is refused is not left out of the mix.
    if (parts.length < one.made.length) return undefined
    const id = store.makePuddle({ name: one.name, parts })
    return id ? { puddle: id } : undefined
  }
  return {
    palette,
    wells,
    usesOf: (puddle: string) => usesOf(store.project, puddle),
    inHand,
    settled,
  }
})
