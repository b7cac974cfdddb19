import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import type { Spectrum } from '../../colour/spectrum'
import { filmReflectance } from '../../paint/film'
import { mixPaints } from '../../paint/mix'
import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'
import { glazeSearch, usualRatios } from '../answers/glazeSearch'
import { dryFilmUm } from '../dryFilm'

/** A glaze that takes a place toward its own colour, before and after. */
export interface Accent {
  parts: Part<Paint>[]
  ratio: number
  passes: number
  before: Lab
  after: Lab
  target: Lab
  /** Distance of the end from the target, and from where it began. */
  deltaE00: number
  shift: number
}

/** A painted ground is moved by as much as the living place differs from the living base. */
function targetOn(ground: Lab, base: Spectrum, place: Spectrum): Lab {
  const [from, to] = [labOf(base), labOf(place)]
  return {
    L: ground.L + (to.L - from.L),
    a: ground.a + (to.a - from.a),
    b: ground.b + (to.b - from.b),
  }
}

/** Pairs of the best single paints are tried, half and half and two to one. */
const BEST_SINGLE = 5
const PAIRS: readonly (readonly [number, number])[] = [
  [1, 1],
  [2, 1],
  [1, 2],
]

const blended = (parts: Part<Paint>[]): Paint => ({
  ...parts[0]!.paint,
  ...mixPaints(parts),
  id: parts.map(({ paint, drops }) => `${drops} ${paint.id}`).join('+'),
})

/**
 * The glaze for a place of life: of every paint alone and of pairs of the best ones, over all usual
 * ratios and up to four passes, the one that brings the painted skin nearest to what the place is on living
 * skin. Nothing (no passes) where no glaze comes nearer.
 * @param ground painted skin there.
 * @param base reflectance of the figure's skin, `place` of the same skin at the place.
 * @example accentFor(base, base, zonesOf(tone)[1].reflectance, box).passes
 */
export function accentFor(
  ground: Spectrum,
  base: Spectrum,
  place: Spectrum,
  paints: readonly Paint[],
): Accent {
  const before = labOf(ground)
  const target = targetOn(before, base, place)
  const search = (box: readonly Paint[]) =>
    glazeSearch({
      zones: [{ from: ground, to: target }],
      paints: box,
      ratios: usualRatios,
      mostPasses: 4,
    })[0]!
  const singles = paints
    .map((paint) => ({ parts: [{ paint, drops: 1 }], found: search([paint]) }))
    .sort((one, other) => one.found.deltaE00 - other.found.deltaE00)
  const best = singles.slice(0, BEST_SINGLE).map(({ parts }) => parts[0]!.paint)
  const pairs = best.flatMap((one, i) =>
    best.slice(i + 1).flatMap((other) =>
      PAIRS.map(([a, b]) => {
        const parts = [
          { paint: one, drops: a },
          { paint: other, drops: b },
        ]
        return { parts, found: search([blended(parts)]) }
      }),
    ),
  )
  const winner = [...singles, ...pairs].reduce((one, next) =>
    next.found.deltaE00 < one.found.deltaE00 - 0.05 ? next : one,
  )
  const { found, parts } = winner
  const nothing = found.deltaE00 >= found.before - 0.2
  return {
    parts: nothing ? [] : parts,
    ratio: found.ratio,
    passes: nothing ? 0 : found.passes,
    before,
    after: nothing ? before : found.lab,
    target,
    deltaE00: nothing ? found.before : found.deltaE00,
    shift: nothing ? 0 : deltaE00(before, found.lab),
  }
}

/**
 * A mix as the glaze of a place of life, as thin and as often laid as brings it nearest to what the place should be.
 * @example accentOf([{ paint: oxide, drops: 1 }], base, base, zonesOf(tone)[1].reflectance).passes > 0 // true
 */
export function accentOf(
  parts: Part<Paint>[],
  ground: Spectrum,
  base: Spectrum,
  place: Spectrum,
): Accent {
  const to = targetOn(labOf(ground), base, place)
  const asked = { zones: [{ from: ground, to }], paints: [blended(parts)], mostPasses: 4 }
  const { ratio, passes } = glazeSearch({ ...asked, ratios: usualRatios })[0]!
  return accentWith({ parts, ratio, passes }, ground, base, place)
}

/**
 * A glaze of the painter's own for a place of life: what it does there, beside what the place should be.
 * @example accentWith({ parts: [{ paint: oxide, drops: 1 }], ratio: 6, passes: 1 }, base, base, base).passes // 1
 */
export function accentWith(
  { parts, ratio, passes }: Pick<Accent, 'parts' | 'ratio' | 'passes'>,
  ground: Spectrum,
  base: Spectrum,
  place: Spectrum,
): Accent {
  const before = labOf(ground)
  const target = targetOn(before, base, place)
  const thicknessUm = dryFilmUm({ kind: 'glaze', thinner: ratio, passes }, 'flat')
  const after = labOf(filmReflectance(mixPaints(parts), { thicknessUm, over: ground }))
  const [off, shift] = [deltaE00(after, target), deltaE00(before, after)]
  return { parts, ratio, passes, before, after, target, deltaE00: off, shift }
}

/**
 * Shift of the same glaze over another ground, ΔE00: what is right on dark skin may be too much on pale.
 * @example accentOn(accentFor(base, base, zonesOf(tone)[1].reflectance, box), base).shift
 */
export function accentOn(accent: Accent, ground: Spectrum): { lab: Lab; shift: number } {
  const before = labOf(ground)
  if (accent.passes === 0) return { lab: before, shift: 0 }
  const thicknessUm = dryFilmUm(
    { kind: 'glaze', thinner: accent.ratio, passes: accent.passes },
    'flat',
  )
  const lab = labOf(filmReflectance(mixPaints(accent.parts), { thicknessUm, over: ground }))
  return { lab, shift: deltaE00(before, lab) }
}

/** So much more than where it was made for, and so many ΔE00 at least, is too much. */
const TOO_MUCH = { times: 1.5, shift: 4 }

/**
 * Whether a glaze that is right on its own ground is far too much on another, and how thin it would be right there:
 * parts of thinner to one of paint.
 * @example tooMuchOn(accentFor(base, base, zonesOf(tone)[1].reflectance, paints), base) === undefined // true
 */
export function tooMuchOn(
  accent: Accent,
  ground: Spectrum,
): { shift: number; ratio: number } | undefined {
  if (accent.passes === 0) return undefined
  const { shift } = accentOn(accent, ground)
  return shift > TOO_MUCH.times * accent.shift && shift > TOO_MUCH.shift
    ? { shift, ratio: Math.round((accent.ratio + 1) * (shift / accent.shift)) }
    : undefined
}

/** Half the minute of arc that the eye tells, so many mm across at a distance (cm), for a place to be seen at all. */
const SEEN_ARC = (2 * Math.PI) / 180 / 60

/**
 * How strong an accent reads at a distance: its shift, lessened where the place is smaller than two
 * minutes of arc and the eye mixes it with what is round it.
 * @param widthMm width of the place on the figure.
 * @example readsAt(8, 3, 150) // 8
 */
export function readsAt(shift: number, widthMm: number, distanceCm: number): number {
  const arc = widthMm / (10 * distanceCm)
  return shift * Math.min(1, arc / SEEN_ARC)
}
