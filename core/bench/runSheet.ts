import { coatKinds } from '../coats/dryFilm'
import type { CoatKind } from '../coats/dryFilm'
import type { Habits } from './learning/habits'
import type { PlannedCoat, StackPlan } from '../coats/plan'
import type { BenchMove } from './schedule/request'

/** Minutes of work and drying for a kind of coat at 54 mm; from memory, common practice. */
export const usualTimes: Readonly<
  Record<CoatKind | 'undercoat' | 'accent', { work: number; dry: number }>
> = {
  undercoat: { work: 4, dry: 30 },
  base: { work: 8, dry: 8 },
  layer: { work: 7, dry: 5 },
  glaze: { work: 4, dry: 10 },
  filter: { work: 3, dry: 10 },
  wash: { work: 4, dry: 25 },
  translucent: { work: 5, dry: 20 },
  drybrush: { work: 4, dry: 2 },
  airbrush: { work: 4, dry: 5 },
  varnish: { work: 3, dry: 30 },
  accent: { work: 3, dry: 8 },
}

export interface SheetFigure {
  id: string
  /** Figures that are alike share the mixes of their ladder. */
  like: string
  name: string
  sizeMm: number
  stack: StackPlan
  /** Names of the places of life to be painted. */
  accents: readonly string[]
}

export interface SheetOptions {
  /** Longer drying when humid or cold: 1 as usual, 2 twice as long. */
  slower?: number
  /** What this painter's coats take to dry, learnt. */
  drying?: Habits['drying']
  /** A coat's mix and place in words. */
  wordsOf: (coat: PlannedCoat) => { mix: string; place: string }
}

/**
 * The moves of a figure from bare undercoat to the last accent. Coats of the same mix and thinning on
 * several figures share a puddle, so it is mixed once. Work grows with the figure's size.
 */
export function runSheet(
  figure: SheetFigure,
  { slower = 1, drying = {}, wordsOf }: SheetOptions,
): BenchMove[] {
  const longer = Math.max(0.5, (figure.sizeMm / 54) ** 1.2)
  const move = (
    n: string,
    kind: keyof typeof usualTimes,
    words: string,
    passes = 1,
    puddle?: { name: string; own: boolean },
  ): BenchMove => ({
    id: `${figure.id} ${n}`,
    figure: figure.id,
    words,
    workMin: Math.round(usualTimes[kind].work * longer * passes * 2) / 2,
    dryMin: Math.round(
      usualTimes[kind].dry * (drying[kind as CoatKind] ?? slower) * (1 + 0.5 * (passes - 1)),
    ),
    // A step of the ladder is another mix on another figure; a mix of one's own is the same.
    ...(puddle ? { puddle: puddle.own ? puddle.name : `${figure.like} ${puddle.name}` } : {}),
  })
  const coats = figure.stack.coats.map((coat, i) => {
    const { mix, place } = wordsOf(coat)
    const { name, thinner: usual } = coatKinds[coat.kind]
    const thinner = coat.thinner ?? usual
    const passes = coat.passes ?? 1
    if (coat.kind === 'varnish')
      return move(`coat ${i}`, 'varnish', `Varnish, ${coat.finish ?? 'matt'}, thin and even`)
    const times = passes > 1 ? `, ${passes} thin passes` : ''
    return move(
      `coat ${i}`,
      coat.kind,
      `${name[0]!.toUpperCase()}${name.slice(1)} of ${mix} ${place}, thinned ${thinner} : 1${coat.thinnedWith === 'medium' ? ' with medium' : ''}${times}`,
      passes,
      { name: `${mix} ${thinner}${coat.thinnedWith ?? ''}`, own: typeof coat.mix !== 'string' },
    )
  })
  return [
    move('undercoat', 'undercoat', 'Undercoat'),
    ...coats,
    ...figure.accents.map((name) => move(`accent ${name}`, 'accent', `Glaze of life: ${name}`)),
  ]
}
