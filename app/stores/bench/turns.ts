import { computed } from 'vue'
import { ingredientKey, isBottle, reachedFrom } from '../../../core'
import type { BenchMove, Ingredient, PlannedPuddle, ScheduledMove } from '../../../core'
import type { FigurePalette } from '../palette/figurePalette'

/** What is done at one go: a well is mixed, or a move is laid. */
export type BenchTurn = { move: BenchMove; id: string } & (
  | { kind: 'lay' }
  | {
      kind: 'mix'
      well: PlannedPuddle
      /** Figures that are painted with it in moves to come, by id, each once. */
      serves: readonly string[]
    }
)

/** Moves as they come one by one: what has to be mixed for one comes before it, well by well. */
export function useTurns(asked: {
  now: () => ScheduledMove | undefined
  toCome: () => readonly ScheduledMove[]
  mixedFor: (move: BenchMove) => readonly PlannedPuddle[]
  palettes: () => ReadonlyMap<string, FigurePalette>
  /** Whether mixes of a figure are still being found: what has to be mixed is not known yet. */
  sought: (figure: string) => boolean
}) {
  const isMixed = ({ of }: PlannedPuddle): boolean => !isBottle(of)
  /** Figures that a well is painted on, itself or poured into another. */
  function servedBy(of: Ingredient): string[] {
    const key = ingredientKey(of)
    const figures = asked.toCome().flatMap(({ move }) => {
      const palette = asked.palettes().get(move.figure)
      const wells = palette?.paintedWith(move.of) ?? []
      if (wells.some((one) => ingredientKey(one) === key)) return [move.figure]
      const inside = palette ? reachedFrom(wells, palette.partsOf) : new Map()
      return !isBottle(of) && inside.has(of.puddle) ? [move.figure] : []
    })
    return [...new Set(figures)]
  }
  const turn = computed<BenchTurn | undefined>(() => {
    const move = asked.now()?.move
    if (!move || asked.sought(move.figure)) return undefined
    const well = asked.mixedFor(move).find(isMixed)
    return well
      ? {
          kind: 'mix',
          move,
          well,
          serves: servedBy(well.of),
          id: `${move.id} ${ingredientKey(well.of)}`,
        }
      : { kind: 'lay', move, id: move.id }
  })
  /** How many are left, mixing counted. */
  const left = computed(() =>
    asked
      .toCome()
      .reduce((sum, { move }) => sum + 1 + asked.mixedFor(move).filter(isMixed).length, 0),
  )
  return { turn, left }
}
