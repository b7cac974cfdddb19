import { isBottle, stepNames, stepOf } from '../../../core'
import type { Ingredient, LadderCard, LadderRow, RangeSheet } from '../../../core'
import { countWords, madeInWords } from '../../words/amounts'
import { nameOf } from '../paints'
import type { RangeRow } from './rowOf'

/** What a bottle or a step’s puddle is called. */
const called =
  (figure: string) =>
  (of: Ingredient): string =>
    isBottle(of) ? nameOf(of.bottle) : stepNames[stepOf(figure, of.puddle) ?? 'base']

/** What the lower part of a swatch on a card is. */
export const BELOW = 'below each mix, what it comes to once the coats are laid'

/** Ladders as one printed sheet. */
export const sheetOf = (title: string, rows: readonly RangeRow[], grey: boolean): RangeSheet => ({
  title,
  bottles: [...new Set(rows.flatMap(({ bottles }) => bottles))].map(nameOf),
  grey,
  rows: rows.map(({ figure, steps, coated }) => ({
    name: figure.name,
    note: figure.note,
    puddles: steps.flatMap(({ puddle, name, made }) =>
      puddle ? [`${name}: ${madeInWords(made, called(figure.id))}`] : [],
    ),
    steps: steps.map(({ painted, share, puddle, name, made }, i) => ({
      lab: painted,
      ...(coated ? { coated: coated[i]! } : {}),
      share,
      label: puddle ? name : made.map(({ drops }) => countWords(drops)).join(' : '),
    })),
  })),
})

/** One figure of the range as a card of its own. */
export const cardOf = ({ figure, steps, mean, coated }: RangeRow, grey: boolean): LadderCard => ({
  title: figure.name,
  lines: [
    ...(figure.note ? [figure.note] : []),
    `off by ${mean.toFixed(1)} on average`,
    ...(coated ? [BELOW] : []),
  ],
  steps: steps.map(({ name, share, painted, made, off }, i) => ({
    name,
    share,
    lab: painted,
    ...(coated ? { coated: coated[i]! } : {}),
    mix: made.map((part) => madeInWords([part], called(figure.id))),
    off,
  })),
  thinning: 'Drops of paint before thinning; ratios are of the puddles named.',
  path: [],
  coats: [],
  accents: [],
  notes: '',
  grey,
})

/** Every step of every figure as palettes and tables carry it. */
export const ladderRows = (rows: readonly RangeRow[]): LadderRow[] =>
  rows.flatMap(({ figure, steps }) =>
    steps.map(({ name, share, target, painted, off, made }) => ({
      step: `${figure.name}: ${name}`,
      share,
      target,
      painted,
      deltaE00: off,
      parts: made.map(({ of, drops }) => ({
        name: called(figure.id)(of),
        drops,
      })),
    })),
  )
