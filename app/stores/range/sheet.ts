import { isBottle } from '../../../core'
import type { LadderCard, LadderRow, PuddlePart, RangeSheet, StepKey } from '../../../core'
import { stepNames, stepOf } from '../../../core'
import { nameOf } from '../paints'
import type { RangeRow } from './rows'

const countOf = (drops: number): string => (Number.isInteger(drops) ? `${drops}` : drops.toFixed(1))
/** “3 titanium white, 1 raw umber”, or “2 Crevice, 1 Half-shade” where it is poured of puddles. */
const partWords = (figure: string, made: readonly PuddlePart[]): string[] =>
  made.map(({ of, drops }) => {
    if (isBottle(of)) return `${countOf(drops)} ${nameOf(of.bottle)}`
    const step: StepKey | undefined = stepOf(figure, of.puddle)
    return `${countOf(drops)} ${step ? stepNames[step] : 'of a mix'}`
  })

/** Ladders as one printed sheet. */
export const sheetOf = (title: string, rows: readonly RangeRow[], grey: boolean): RangeSheet => ({
  title,
  bottles: [...new Set(rows.flatMap(({ bottles }) => bottles))].map(nameOf),
  grey,
  rows: rows.map(({ figure, steps }) => ({
    name: figure.name,
    note: figure.note,
    puddles: steps.flatMap(({ puddle, name, made }) =>
      puddle ? [`${name}: ${partWords(figure.id, made).join(' + ')}`] : [],
    ),
    steps: steps.map(({ painted, share, puddle, name, made }) => ({
      lab: painted,
      share,
      label: puddle ? name : made.map(({ drops }) => countOf(drops)).join(' : '),
    })),
  })),
})

/** One figure of the range as a card of its own. */
export const cardOf = ({ figure, steps, mean }: RangeRow, grey: boolean): LadderCard => ({
  title: figure.name,
  lines: [...(figure.note ? [figure.note] : []), `off by ${mean.toFixed(1)} on average`],
  steps: steps.map(({ name, share, painted, made, off }) => ({
    name,
    share,
    lab: painted,
    mix: partWords(figure.id, made),
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
        name: isBottle(of) ? nameOf(of.bottle) : stepNames[stepOf(figure.id, of.puddle) ?? 'base'],
        drops,
      })),
    })),
  )
