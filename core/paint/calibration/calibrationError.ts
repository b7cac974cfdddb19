/**
 * A swatch that no paint could have given; `swatch` counts from 1, `wavelengthNm` where it failed.
 * @example new CalibrationError('two swatches disagree') instanceof RangeError // true
 */
export class CalibrationError extends RangeError {
  override readonly name = 'CalibrationError'

  constructor(
    message: string,
    readonly swatch: number,
    readonly value: number,
    readonly wavelengthNm?: number,
  ) {
    super(message)
  }
}
