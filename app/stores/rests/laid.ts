import type { BottleDrops, Ingredient, Lab, MoveOf } from '../../../core'
import { coatKinds } from '../../../core'
import { stackPlanOf } from '../coats/stackPlanOf'
import type { FigurePalette } from '../palette/figurePalette'

/** A move of a figure and what it is painted with, as it is now. */
export interface LaidMove {
  of: MoveOf
  mix: Ingredient
  name: string
  bottles: readonly BottleDrops[]
  lab: Lab | undefined
}

/** Everything a figure is painted with, move by move in their order, as it is now; what is not found yet is left out. */
export function laidOf(palette: FigurePalette): LaidMove[] {
  const { figure, glazes } = palette.paint
  const { under, coats } = stackPlanOf(figure)
  const moves: MoveOf[] = [
    { kind: 'undercoat' },
    ...(under.kind === 'sketch' ? [{ kind: 'sketch' } as const] : []),
    ...coats.flatMap(({ id, kind }): MoveOf[] =>
      coatKinds[kind].pigmented ? [{ kind: 'coat', coat: id }] : [],
    ),
    ...[...glazes.keys()].map((place): MoveOf => ({ kind: 'accent', place })),
  ]
  return moves.flatMap((of) =>
    palette.paintedWith(of).flatMap((mix): LaidMove[] => {
      const { lab } = palette.look([{ of: mix, drops: 1 }])
      const name = palette.nameOf(mix)
      try {
        const bottles = palette
          .mixOf(mix)
          .map(({ paint, drops }) => ({ paint: paint.id, drops: Number(drops.toFixed(4)) }))
        return [{ of, mix, name, bottles, lab }]
      } catch {
        return []
      }
    }),
  )
}
