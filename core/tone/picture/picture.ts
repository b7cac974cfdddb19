/** A picture as it is worked on: sRGB bytes, RGBA, rows from the top. */
export interface Picture {
  width: number
  height: number
  pixels: Uint8ClampedArray
}

/** One byte a pixel, 0 where the painter chose nothing. */
export type Mask = Uint8Array
