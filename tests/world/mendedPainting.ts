import { filmReflectance } from '../../core'
import type { Spectrum } from '../../core'
import type { SkinMove } from '../../core/critic/mendSkin'
import { dryFilmUm } from '../../core/coats/dryFilm'
import { paint } from './paintedFigures'
import type { PlannedFigure } from './paintedFigures'
import { mixPaints } from '../../core'
import { spectrumOn } from './faultyPainting'
import type { OnFigure } from './faultyPainting'
import { paintAt, photographOf } from './photograph'
import type { Lamp, Photograph } from './photograph'

/** Films are never as thick as they are said to be. */
const HAND = 1.12

/** The photograph once the moves are painted over what is there, each where it says. */
export function photographMended(
  figure: PlannedFigure,
  painted: readonly OnFigure[],
  moves: readonly SkinMove[],
  lamp: Lamp,
  seed: number,
): Photograph {
  const { steps } = figure
  const film = (move: SkinMove, over: Spectrum): Spectrum => {
    const { of } = move
    const mixture =
      'step' in of ? mixPaints(steps.find(({ key }) => key === of.step)!.parts) : paint(of.bottle)
    return filmReflectance(mixture, { thicknessUm: HAND * dryFilmUm(move, 'flat'), over })
  }
  const colours = painted.map((step, i) => {
    const spectrum = moves
      .filter(({ over, share }) => share === undefined && over.includes(steps[i]!.key))
      .reduce((under, move) => film(move, under), spectrumOn(step))
    return { spectrum, share: step.share }
  })
  const upTo = (end: number): number =>
    painted.slice(0, end).reduce((sum, { share }) => sum + share, 0)
  /** Where a puddle is laid along an edge: ranks from and to. */
  const band = ({ over, share, of }: SkinMove): [number, number] => {
    const at = (key: string): number => steps.findIndex((step) => step.key === key)
    const places = over.map(at)
    const puddle = 'step' in of ? at(of.step) : 0
    if (places.length > 1) {
      const edge = upTo(Math.max(...places))
      return [edge - share! / 2, edge + share! / 2]
    }
    return puddle < places[0]!
      ? [upTo(places[0]!), upTo(places[0]!) + share!]
      : [upTo(puddle) - share!, upTo(puddle)]
  }
  const edges = moves.filter(({ share }) => share !== undefined)
  return photographOf(
    ({ rank }) =>
      edges.reduce(
        (under, move) => {
          const [from, to] = band(move)
          return rank >= from && rank <= to ? film(move, under) : under
        },
        paintAt(colours, rank),
      ),
    lamp,
    seed,
  )
}
