import { ingredientKey, stepNames, stepPuddle } from '../../../core'
import type { FigureAccount, Lab, MoveOf } from '../../../core'
import type { ShownStep } from '../ladder/shownStep'
import type { FigurePalette } from '../palette/figurePalette'
import type { LaidMove } from './laid'

/** A mix as it was, and as it is or would be. */
export interface MixChange {
  name: string
  was: Lab | undefined
  is: Lab | undefined
}

const moveId = ({ of, mix }: LaidMove, at: number): string =>
  `${JSON.stringify(of)} ${of.kind === 'detail' ? at : ''} ${ingredientKey(mix)}`

/** Moves whose mix holds something else than it did, and those mixes, each once. */
export function changedMixes(
  before: readonly LaidMove[],
  after: readonly LaidMove[],
): { moves: MoveOf[]; mixes: MixChange[] } {
  const had = new Map(before.map((one, i) => [moveId(one, i), one]))
  const moves: MoveOf[] = []
  const mixes = new Map<string, MixChange>()
  after.forEach((now, i) => {
    const was = had.get(moveId(now, i))
    if (!was || JSON.stringify(was.bottles) === JSON.stringify(now.bottles)) return
    moves.push(now.of)
    mixes.set(ingredientKey(now.mix), { name: was.name, was: was.lab, is: now.lab })
  })
  return { moves, mixes: [...mixes.values()] }
}

/** Mixes that stay, and what they would be for now: of a step its aim, of a method's mix nothing can be said before. */
export const heldMixes = (
  rests: FigureAccount['rests'],
  figure: string,
  steps: readonly ShownStep[],
  palette: FigurePalette,
): MixChange[] =>
  rests.flatMap(({ of, how }): MixChange[] => {
    if (how !== 'held') return []
    if (of.kind === 'mix') {
      const { lab } = palette.look([{ of: { puddle: of.puddle }, drops: 1 }])
      return [{ name: palette.nameOf({ puddle: of.puddle }), was: lab, is: undefined }]
    }
    if (of.kind !== 'step') return []
    const { lab } = palette.look([{ of: { puddle: stepPuddle(figure, of.step) }, drops: 1 }])
    const aim = steps.find(({ key }) => key === of.step)?.target
    return [{ name: stepNames[of.step], was: lab, is: aim }]
  })
