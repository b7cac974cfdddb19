import { coatKinds } from '../coats/coatKinds'
import type { CoatKind } from '../coats/coatKinds'
import type { Habits } from './learning/habits'
import type { LaidCoat, PlannedCoat, StackPlan } from '../coats/plan'
import { moveKey } from './moveOf'
import type { MoveOf } from './moveOf'
import type { BenchMove } from './schedule/request'

/** Minutes of work and of drying of what is not a coat, at 54 mm; from memory, common practice. */
const otherTimes = {
  undercoat: { work: 4, dry: 30 },
  accent: { work: 3, dry: 8 },
}
type MoveKind = CoatKind | keyof typeof otherTimes
const timesOf = (kind: MoveKind): { work: number; dry: number } =>
  kind === 'undercoat' || kind === 'accent' ? otherTimes[kind] : coatKinds[kind].minutes

export interface SheetFigure {
  id: string
  /** Which of those that are painted alike, from 1. */
  copy: number
  sizeMm: number
  stack: Omit<StackPlan, 'coats'> & { coats: readonly LaidCoat[] }
  /** The places of life to be painted, with their names. */
  accents: readonly { place: string; name: string }[]
}

export interface SheetOptions {
  /** Longer drying when humid or cold: 1 as usual, 2 twice as long. */
  slower?: number
  /** What this painter's coats take to dry, learnt. */
  drying?: Habits['drying']
  /** What is said of a move. */
  wordsOf: (move: SheetMove) => string
}

/** A move as there are words for it. */
export type SheetMove =
  | { kind: 'undercoat' }
  | { kind: 'coat'; coat: PlannedCoat; thinner: number; passes: number }
  | { kind: 'accent'; name: string }

/** A puddle by what is in it: a step of the ladder is another mix on another figure, drops of bottles are the same. */
const puddleKey = (figure: string, { mix, thinnedWith }: LaidCoat, thinner: number): string =>
  JSON.stringify([typeof mix === 'string' ? [figure, mix] : mix, thinner, thinnedWith ?? 'water'])

/**
 * The moves of a figure from bare undercoat to the last accent. Coats of the same mix and thinning on
 * several figures share a puddle, so it is mixed once. Work grows with the figure's size.
 * @example runSheet(sheet, { wordsOf: () => ({ mix: 'the base', place: 'all over' }) }).length // 2
 */
export function runSheet(
  figure: SheetFigure,
  { slower = 1, drying = {}, wordsOf }: SheetOptions,
): BenchMove[] {
  const longer = Math.max(0.5, (figure.sizeMm / 54) ** 1.2)
  const move = (
    of: MoveOf,
    kind: MoveKind,
    words: string,
    passes = 1,
    puddle?: string,
  ): BenchMove => {
    const ref = { figure: figure.id, copy: figure.copy, of }
    return {
      ...ref,
      id: moveKey(ref),
      words,
      workMin: Math.round(timesOf(kind).work * longer * passes * 2) / 2,
      dryMin: Math.round(
        timesOf(kind).dry * (drying[kind as CoatKind] ?? slower) * (1 + 0.5 * (passes - 1)),
      ),
      ...(puddle ? { puddle } : {}),
    }
  }
  const coats = figure.stack.coats.map((coat) => {
    const { pigmented, thinner: usual } = coatKinds[coat.kind]
    const { thinner = usual, passes = 1 } = coat
    const of: MoveOf = { kind: 'coat', coat: coat.id }
    const words = wordsOf({ kind: 'coat', coat, thinner, passes })
    return pigmented
      ? move(of, coat.kind, words, passes, puddleKey(figure.id, coat, thinner))
      : move(of, coat.kind, words)
  })
  return [
    move({ kind: 'undercoat' }, 'undercoat', wordsOf({ kind: 'undercoat' })),
    ...coats,
    ...figure.accents.map(({ place, name }) =>
      move({ kind: 'accent', place }, 'accent', wordsOf({ kind: 'accent', name })),
    ),
  ]
}
