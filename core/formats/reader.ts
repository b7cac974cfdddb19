import * as v from 'valibot'

const id = v.pipe(v.string(), v.maxLength(80))
const amount = v.pipe(v.number(), v.finite())

/** What can lie under a colour reader; paints by id, shares 0–1, drops as told by the painter, thickness in µm. */
export const sampleSchema = v.variant('kind', [
  v.object({ kind: v.literal('masstone'), paint: id }),
  v.object({ kind: v.literal('tint'), paint: id, white: id, share: amount }),
  v.object({
    kind: v.literal('film'),
    paint: id,
    thicknessUm: amount,
    over: v.picklist(['black', 'white']),
  }),
  v.object({
    kind: v.literal('mix'),
    parts: v.pipe(
      v.array(
        v.object({ paint: id, drops: v.pipe(amount, v.gtValue(0, 'drops are more than none')) }),
      ),
      v.minLength(1),
      v.maxLength(20),
    ),
  }),
])
export type ReaderSample = v.InferOutput<typeof sampleSchema>

/** Reflectance of a drawdown card's black and white halves (from memory). */
export const drawdownCard = { black: 0.02, white: 0.85 } as const

/** Why a reader did not read: said by the reader itself, or of it. */
export const readerTroubles = [
  'uncalibrated',
  'unknown-paint',
  'out-of-range',
  'bad-sample',
  'away',
  'slow',
  'unreadable',
] as const
export type ReaderTrouble = (typeof readerTroubles)[number]
