import { scaleOf } from '../../core'
import type { FigureSize } from '../../core'

/** From here on a bust is called by its scale, as painters do; below by the height it is cut from. */
const BY_SCALE_MM = 100

/** A size as painters say it: “75 mm”, “75 mm bust”, “bust 1:10”. */
export function sizeWords(size: FigureSize): string {
  const { heightMm, bust } = size
  if (!bust) return `${heightMm} mm`
  return heightMm < BY_SCALE_MM ? `${heightMm} mm bust` : `bust 1:${scaleOf(size)}`
}

/** What the size means: “1:24, a grown person stands 75 mm tall”. */
export const sizeMeaning = (size: FigureSize): string =>
  `1:${scaleOf(size)}, a grown person ${size.bust ? 'would stand' : 'stands'} ${size.heightMm} mm tall`

/** Name, size and number in one line. */
export const figureNote = ({
  note,
  size,
  many,
}: {
  note: string
  size: FigureSize
  many: number
}): string => [note, sizeWords(size), many > 1 ? `${many} of it` : ''].filter(Boolean).join(' · ')
