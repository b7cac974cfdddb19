import type { StackPlan } from '../project/stack'
import type { CoatKind, LaidCoat, PlannedCoat } from '../project/coat'
import { coatKinds } from '../coats/coatKinds'
import type { Habits } from './learning/habits'
import { EVERYWHERE, isEverywhere } from '../project/place'
import { ingredientKey, isBottle, sameIngredient } from '../puddle/puddle'
import type { Ingredient } from '../puddle/puddle'
import { moveKey } from '../project/move'
import type { MoveOf } from '../project/move'
import type { BenchMove } from './schedule/request'

/** Minutes of work and of drying of what is not a coat, at 54 mm; from memory, common practice. */
const otherTimes = {
  undercoat: { work: 4, dry: 30 },
  sketch: { work: 3, dry: 20 },
  accent: { work: 3, dry: 8 },
  detail: { work: 4, dry: 5 },
}
type MoveKind = CoatKind | keyof typeof otherTimes
const timesOf = (kind: MoveKind): { work: number; dry: number } =>
  kind in otherTimes
    ? otherTimes[kind as keyof typeof otherTimes]
    : coatKinds[kind as CoatKind].minutes

export interface SheetFigure {
  id: string
  /** Which of those that are painted alike, from 1. */
  copy: number
  sizeMm: number
  stack: Omit<StackPlan, 'coats'> & { coats: readonly LaidCoat[] }
  /** The places of life to be painted, with their names and the puddle each is glazed from. */
  accents: readonly { place: string; name: string; of?: Ingredient }[]
  /** Eyes, teeth, claws; from puddles of their own, or from those that are found for them. */
  details?: readonly { key: string; name: string; of?: readonly Ingredient[] }[]
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
  | { kind: 'undercoat'; of: Ingredient }
  | { kind: 'sketch'; of: Ingredient; elevation: number }
  | { kind: 'coat'; coat: PlannedCoat; thinner: number; passes: number }
  | { kind: 'accent'; name: string }
  | { kind: 'detail'; name: string }

/** What stands open in a well; what is thinned is thinned beside it. */
const wellKey = (of: readonly Ingredient[]): string => JSON.stringify(of.map(ingredientKey))
/** … what is found for a place of one figure. */
const foundKey = (figure: string, what: string): string => JSON.stringify([figure, what])

/**
 * The moves of a figure from bare undercoat to the last accent. Coats of the same puddle share it, on
 * several figures too, so it is mixed once. Work grows with the figure's size.
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
    from?: readonly Ingredient[] | string,
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
      ...(typeof from === 'string' ? { puddle: from } : {}),
      ...(typeof from === 'object'
        ? { puddle: wellKey(from), wells: from.map(ingredientKey) }
        : {}),
    }
  }
  const coats = figure.stack.coats.map((coat) => {
    const { pigmented, thinner: usual } = coatKinds[coat.kind]
    const { thinner = usual, passes = 1 } = coat
    const of: MoveOf = { kind: 'coat', coat: coat.id }
    const words = wordsOf({ kind: 'coat', coat, thinner, passes })
    return pigmented ? move(of, coat.kind, words, passes, [coat.of]) : move(of, coat.kind, words)
  })
  const { under } = figure.stack
  const first = under.kind === 'flat' ? under.of : under.dark
  // A can or a bottle is open already; what was mixed for it has to be.
  const mixed = (of: Ingredient): Ingredient[] | undefined => (isBottle(of) ? undefined : [of])
  const ground = wordsOf({ kind: 'undercoat', of: first })
  const light = under.kind === 'sketch' ? under : undefined
  // A first coat of the same all over is its own undercoat.
  const [coat] = figure.stack.coats
  const covered =
    !light && coat && sameIngredient(coat.of, first) && isEverywhere(coat.place ?? EVERYWHERE)
  return [
    ...(covered ? [] : [move({ kind: 'undercoat' }, 'undercoat', ground, 1, mixed(first))]),
    ...(light
      ? [
          move(
            { kind: 'sketch' },
            'sketch',
            wordsOf({ kind: 'sketch', of: light.light, elevation: light.elevation }),
            1,
            mixed(light.light),
          ),
        ]
      : []),
    ...coats,
    ...figure.accents.map(({ place, name, of }) => {
      const well = of ? [of] : foundKey(figure.id, `accent ${place}`)
      return move({ kind: 'accent', place }, 'accent', wordsOf({ kind: 'accent', name }), 1, well)
    }),
    ...(figure.details ?? []).map(({ key, name, of }) => {
      const well = of ?? foundKey(figure.id, `detail ${key}`)
      const words = wordsOf({ kind: 'detail', name })
      return move({ kind: 'detail', detail: key }, 'detail', words, 1, well)
    }),
  ]
}
