import { seeded } from '../../../core'

/** Points along the square of strokes; it joins itself at its ends. */
export const GRAIN = 128
/** A stroke is so many points long. */
const LONG = 9

/** Strokes of a brush as bytes, 128 on average: chance, drawn out along one way. */
export function strokes(): Uint8Array {
  const random = seeded(17)
  const rough = Float32Array.from({ length: GRAIN * GRAIN }, () => random() - 0.5)
  return Uint8Array.from(rough, (_, i) => {
    const row = i - (i % GRAIN)
    let sum = 0
    for (let k = 0; k < LONG; k++) sum += rough[row + ((i + k) % GRAIN)]!
    return Math.max(0, Math.min(255, Math.round(128 + (sum / Math.sqrt(LONG)) * 300)))
  })
}
