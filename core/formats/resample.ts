import { BANDS, FIRST_NM, STEP_NM, wavelengthsNm } from '../colour/spectrum'
import type { Spectrum } from '../colour/spectrum'

const LAST_NM = FIRST_NM + (BANDS - 1) * STEP_NM

/**
 * Any evenly or unevenly sampled reflectance on our 36 bands: values between samples by straight
 * lines, ends held.
 * @param nm rising wavelengths.
 */
export function resample(nm: readonly number[], values: readonly number[]): Spectrum {
  let k = 0
  return Float64Array.from(wavelengthsNm, (wanted) => {
    while (k + 2 < nm.length && nm[k + 1]! <= wanted) k++
    const [from, to] = [nm[k]!, nm[k + 1] ?? nm[k]!]
    if (nm.length === 1 || wanted <= from) return values[k]!
    const t = Math.min(1, (wanted - from) / (to - from))
    return values[k]! + t * (values[k + 1]! - values[k]!)
  })
}

/** What resampling changed, in words; nothing when the samples are our own bands. */
export function resampleNotes(nm: readonly number[]): string[] {
  const notes: string[] = []
  if (nm[0]! > FIRST_NM || nm.at(-1)! < LAST_NM)
    notes.push(
      `the readings run from ${nm[0]} to ${nm.at(-1)} nm; the ends up to ${FIRST_NM} and ${LAST_NM} nm are held at their last value`,
    )
  if (nm[0]! < FIRST_NM || nm.at(-1)! > LAST_NM)
    notes.push(`readings below ${FIRST_NM} or above ${LAST_NM} nm are left out`)
  if (nm.some((value) => value % STEP_NM !== 0))
    notes.push('the readings are not on our 10 nm bands; values between samples are interpolated')
  else if (nm.some((value, i) => i > 0 && value - nm[i - 1]! > STEP_NM))
    notes.push('the readings are wider apart than 10 nm; values between are interpolated')
  return notes
}
