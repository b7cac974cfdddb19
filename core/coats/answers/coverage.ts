import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Spectrum } from '../../colour/spectrum'
import { filmReflectance } from '../../paint/film'
import { HIDDEN, coatsToHide } from '../../paint/hiding'
import { mixPaints } from '../../paint/mix'
import { stackReflectance } from '../../paint/stack'
import { dryFilmUm } from '../dryFilm'
import type { StackCoat } from '../stack'

/**
 * Passes of a coat on the flat until its undercoat is hidden (contrast ratio 0.98), or so strong.
 * @example passesToHide({ ...coat, kind: 'layer', thinner: 1 })
 */
export const passesToHide = (coat: StackCoat, wanted: number = HIDDEN): number =>
  coatsToHide(mixPaints(coat.parts), dryFilmUm({ ...coat, passes: 1 }, 'flat'), wanted)

/** Under so much a shift is felt and not seen; common practice, no source. */
export const FELT = 2

const shift = (coat: StackCoat, over: Spectrum): number => {
  const film = { thicknessUm: dryFilmUm(coat, 'flat'), over }
  return deltaE00(labOf(over), labOf(filmReflectance(mixPaints(coat.parts), film)))
}

/**
 * How thin, for a shift of a given size over a colour: the ratio of the list and passes whose shift comes
 * nearest without going over by more than a fifth; the thinnest with the fewest passes first.
 * @example howThin(coat, base, FELT, usualRatios).ratio
 */
export function howThin(
  coat: StackCoat,
  over: Spectrum,
  wanted: number,
  ratios: readonly number[],
): { ratio: number; passes: number; shift: number } {
  let best: { ratio: number; passes: number; shift: number; miss: number } | undefined
  for (const passes of [1, 2, 3, 4])
    for (const ratio of ratios) {
      const moved = shift({ ...coat, thinner: ratio, passes }, over)
      const miss = Math.abs(moved - wanted) + (moved > 1.2 * wanted ? wanted : 0)
      if (!best || miss < best.miss - 1e-9) best = { ratio, passes, shift: moved, miss }
    }
  if (!best) throw new RangeError('no ratio to try; give at least one')
  return { ratio: best.ratio, passes: best.passes, shift: best.shift }
}

/**
 * How far a coat moves a colour, once and laid a second time, ΔE00 from where it started.
 * @example secondCoat(coat, base).twice
 */
export const secondCoat = (coat: StackCoat, over: Spectrum): { once: number; twice: number } => ({
  once: shift(coat, over),
  twice: shift({ ...coat, passes: 2 * coat.passes }, over),
})

/**
 * Of two coats, which order ends nearer to a colour, and by how much the orders differ.
 * @example betterOrder(coat, { ...coat, thinner: 9 }, base, base).first
 */
export function betterOrder(
  one: StackCoat,
  other: StackCoat,
  over: Spectrum,
  target: Spectrum,
): { first: 'one' | 'other'; oneFirst: number; otherFirst: number; apart: number } {
  const laid = (coats: readonly StackCoat[]): Spectrum =>
    stackReflectance(
      over,
      coats.map((coat) => ({
        mixture: mixPaints(coat.parts),
        thicknessUm: dryFilmUm(coat, 'flat'),
      })),
    )
  const ends = [laid([one, other]), laid([other, one])].map((end) => labOf(end))
  const [oneFirst, otherFirst] = ends.map((end) => deltaE00(end, labOf(target)))
  return {
    first: oneFirst! <= otherFirst! ? 'one' : 'other',
    oneFirst: oneFirst!,
    otherFirst: otherFirst!,
    apart: deltaE00(ends[0]!, ends[1]!),
  }
}
