import type { Lab } from '../../colour/lab'
import type { Spectrum } from '../../colour/spectrum'
import type { OpacityClass, Paint } from '../paint'
import { titaniumWhite } from '../starter/titaniumWhite'
import { predictMix } from '../uncertainty/predicted'
import { estimatePaint } from './estimatePaint'
import type { SeenTint } from './estimatePaint'
import { tintPictures } from './tintByEye'

/** What a painter tells of a bottle by eye, as far as it was told. */
export interface ToldByEye extends SeenTint {
  colour: Lab | Spectrum
  opacity: OpacityClass
  about: Partial<Omit<Paint, 'K' | 'S' | 'origin' | 'opacity'>>
}

/** What each answer did to the doubt: two in three 1 : 3 tints lie within so many ΔE00 once it was given. */
export interface DoubtAfter {
  answer: 'colour and opacity' | 'label' | 'tint'
  within: number
}

export interface PaintByEye {
  paint: Paint
  doubts: DoubtAfter[]
  /** What one part in nine of white would look like, weak to strong, before that was told. */
  tints: Lab[]
}

/** Parts of white to one of the paint, in which its doubt is told. */
const WHITE_PARTS = 3
const withinOf = (paint: Paint): number =>
  predictMix([
    { paint, drops: 1 },
    { paint: titaniumWhite, drops: WHITE_PARTS },
  ]).within

/**
 * A paint from what was told of it by eye, and what each answer did to its doubt.
 * @throws CalibrationError when no paint could look so.
 * @example paintByEye({ colour: flesh, opacity: 'opaque', about: {} }).doubts.length // 1
 */
export function paintByEye({
  colour,
  opacity,
  about,
  tint,
  source,
  finish,
}: ToldByEye): PaintByEye {
  const { pigments = [], ...rest } = about
  const answers: [DoubtAfter['answer'], Paint][] = [
    ['colour and opacity', estimatePaint(colour, opacity, rest, { source, finish })],
  ]
  if (pigments.length > 0)
    answers.push(['label', estimatePaint(colour, opacity, about, { source, finish })])
  const tints = tintPictures(answers.at(-1)![1])
  if (tint !== undefined)
    answers.push(['tint', estimatePaint(colour, opacity, about, { tint, source, finish })])
  return {
    paint: answers.at(-1)![1],
    doubts: answers.map(([answer, paint]) => ({ answer, within: withinOf(paint) })),
    tints,
  }
}
