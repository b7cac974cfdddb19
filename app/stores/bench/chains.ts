import { computed } from 'vue'
import type { ComputedRef } from 'vue'
import { habitsFrom, mostOf, runSheet, smallLadders, placeNames } from '../../../core'
import type { BenchMove, Figure, FigureBench, Ingredient, MoveOf, SheetFigure } from '../../../core'
import { moveWords } from '../../words/moves'
import { stackPlanOf } from '../coats/stackPlanOf'
import type { FigurePalette } from '../palette/figurePalette'
import { zoneNames } from '../palette/zoneNames'
import { useProject } from '../project/project'

const NOTHING: readonly never[] = []

/** The well that was found for a move, once it is. */
function foundOf(palette: FigurePalette | undefined, move: MoveOf): { of?: Ingredient } {
  const [of] = palette?.paintedWith(move) ?? []
  return of ? { of } : {}
}

/** How many of a figure go round together. */
export const togetherOf = ({ many, bench }: Pick<Figure, 'many' | 'bench'>): number =>
  Math.min(many, bench?.atOnce ?? mostOf.atOnce, mostOf.atOnce)

/** A figure as the run sheet takes it: one of those that are painted alike. */
function sheetOf(figure: Figure, copy: number, palette?: FigurePalette): SheetFigure {
  const nameOfZone = zoneNames(figure)
  return {
    id: figure.id,
    copy,
    sizeMm: figure.size.heightMm,
    stack: stackPlanOf(figure),
    accents: (figure.accents ?? []).map(({ place, of }) => ({
      place,
      name: nameOfZone(place),
      ...(of ? { of } : foundOf(palette, { kind: 'accent', place })),
    })),
    details: (figure.details ?? []).map(({ key }) => ({
      key,
      name: smallLadders.find((one) => one.key === key)?.name ?? key,
      // What several figures are found to share is one puddle.
      ...(palette ? { of: palette.paintedWith({ kind: 'detail', detail: key }) } : {}),
    })),
  }
}

/** What the figures on the bench are painted in, move by move: a chain a piece, those of one figure alike. */
export function useChains(asked: {
  state: () => FigureBench
  atOnce: () => number
  along: () => readonly Figure[]
  palettes: () => ReadonlyMap<string, FigurePalette>
}) {
  const store = useProject()
  const habits = computed(() => habitsFrom(store.log, asked.state().dried ?? NOTHING))
  const figureOf = (id: string): Figure =>
    asked.along().find((one) => one.id === id) ?? store.figure
  const chains: ComputedRef<BenchMove[][]> = computed(() =>
    [
      ...Array.from({ length: asked.atOnce() }, (_, n) =>
        sheetOf(store.figure, n + 1, asked.palettes().get(store.figure.id)),
      ),
      ...asked
        .along()
        .flatMap((figure) =>
          Array.from({ length: togetherOf(figure) }, (_, n) =>
            sheetOf(figure, n + 1, asked.palettes().get(figure.id)),
          ),
        ),
    ]
      // So many can be kept in sight.
      .slice(0, 2 * mostOf.atOnce)
      .map((figure) => {
        const zones = [...placeNames(figureOf(figure.id).tone)].map(([key, name]) => ({
          key,
          name,
        }))
        return runSheet(figure, {
          slower: asked.state().slower,
          drying: habits.value.drying,
          wordsOf: (move) =>
            moveWords(move, zones, (of) => asked.palettes().get(figure.id)?.nameOf(of) ?? '…'),
        })
      }),
  )
  return { habits, chains }
}
