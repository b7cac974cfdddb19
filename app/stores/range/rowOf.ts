import {
  deltaE00,
  isBottle,
  labOf,
  mean,
  mixPaints,
  opaqueReflectance,
  stepOf,
  stepPuddle,
} from '../../../core'
import type {
  Figure,
  Lab,
  MixingNote,
  Mixture,
  Paint,
  PuddlePart,
  ReachedEnds,
  StepKey,
  StoredPuddle,
} from '../../../core'
import { threads } from '../../workers/threads'
import { coatedSteps } from '../coats/coatedSteps'
import { foundContents } from '../palette/foundContents'

export interface RangeStep {
  key: StepKey
  name: string
  share: number
  target: Lab
  painted: Lab
  off: number
  made: readonly PuddlePart[]
  /** It is mixed from bottles alone: a puddle that others are poured from. */
  puddle: boolean
  mixture: Mixture
}

/** One figure of the range: its ladder as it is mixed. */
export interface RangeRow {
  figure: Figure
  steps: readonly RangeStep[]
  base: number
  /** Mean and worst ΔE00 of its steps. */
  mean: number
  worst: number
  note?: MixingNote
  reached: ReachedEnds
  /** Where coats are laid: what each step looks like once they all are. */
  coated?: readonly Lab[]
  /** Every bottle in it. */
  bottles: readonly string[]
}

/**
 * A figure's ladder as it is mixed, found for it.
 * @param paints what it is mixed from.
 * @param stored puddles of the figure and of its commission.
 * @param find paints of its commission, where that is not the open one.
 */
export async function rowOf(
  figure: Figure,
  paints: Paint[],
  stored: readonly StoredPuddle[],
  recipe = threads.recipe,
  find?: (id: string) => Paint,
): Promise<RangeRow> {
  const { id } = figure
  const { steps, keys, contents, note, reached } = await foundContents(
    figure,
    paints,
    stored,
    recipe,
    find,
  )
  const made = steps.map(({ key, name, share, target }): RangeStep => {
    const parts = contents.partsOf(stepPuddle(id, key)) ?? []
    const mixed = contents.mixOf({ puddle: stepPuddle(id, key) })
    const mixture = mixPaints(mixed)
    const painted = labOf(opaqueReflectance(mixture))
    const poured = parts.some(({ of }) => !isBottle(of) && stepOf(id, of.puddle) !== undefined)
    const off = deltaE00(painted, target)
    return { key, name, share, target, painted, off, made: parts, puddle: !poured, mixture }
  })
  const offs = made.map(({ off }) => off)
  const base = keys.indexOf('base')
  const coated = coatedSteps(figure, contents, made.length, base)
  return {
    figure,
    ...(coated ? { coated } : {}),
    steps: made,
    base,
    mean: mean(offs),
    worst: Math.max(...offs),
    note,
    reached,
    bottles: [
      ...new Set(
        made.flatMap(({ key }) =>
          contents
            .bottlesOf([{ of: { puddle: stepPuddle(id, key) }, drops: 1 }])
            .map(({ paint }) => paint),
        ),
      ),
    ],
  }
}
