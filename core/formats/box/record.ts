import type { OwnPaint } from '../../project/bottle'
import type { Paint } from '../../paint/paint'
import { STARTER_SPREAD } from '../../paint/uncertainty/spread'

const written = (values: ArrayLike<number>): string =>
  Array.from(values, (value) => String(Number(value.toPrecision(6)))).join(' ')
const read = (text: string): number[] => text.split(' ').map(Number)

/**
 * A paint as the project file keeps it; six digits a number.
 * @example recordOf(ochre).id // "yellow-ochre"
 */
export const recordOf = (paint: Paint): OwnPaint => ({
  id: paint.id,
  name: paint.name,
  kind: paint.kind ?? 'paint',
  pigments: paint.pigments,
  opacity: paint.opacity,
  hazards: paint.hazards,
  ...(paint.finish ? { finish: paint.finish } : {}),
  origin: paint.origin === 'modelled from memory' ? 'mixed' : paint.origin,
  K: written(paint.K),
  S: written(paint.S),
  spread: written(paint.spread ?? STARTER_SPREAD),
})

/** Curves and their doubt as they are kept. */
export type WrittenCurves = Pick<OwnPaint, 'K' | 'S' | 'spread'>
export const readCurves = ({ K, S, spread }: WrittenCurves): Pick<Paint, 'K' | 'S' | 'spread'> => ({
  K: Float64Array.from(read(K)),
  S: Float64Array.from(read(S)),
  spread: read(spread),
})

/**
 * The paint of a record.
 * @example paintOfRecord(recordOf(ochre)).id // "yellow-ochre"
 */
export const paintOfRecord = ({ K, S, spread, ...about }: OwnPaint): Paint => ({
  ...about,
  ...readCurves({ K, S, spread }),
})
