import type { Picture } from '../../core'
import { identified } from '../vault/identified'

/** Pictures are looked at no larger than this, pixels on the longer side. */
const LONGEST = 1200
/**
 * The pixels of a picture file, scaled to what is looked at. `progress` runs 0–1.
 * @throws RangeError for a file that is no picture, too large or damaged.
 */
export async function decodePicture(
  file: Blob,
  progress: (done: number) => void,
): Promise<Picture> {
  progress(0.05)
  const { kind, width, height } = await identified(file)
  progress(0.2)
  const scale = Math.min(1, LONGEST / Math.max(width, height))
  let bitmap: ImageBitmap
  try {
    // The longer side alone is set where the picture may yet be turned by its orientation mark.
    bitmap = await createImageBitmap(file, {
      imageOrientation: 'from-image',
      resizeQuality: 'medium',
      ...(scale < 1 ? { resizeWidth: Math.round(width * scale) } : {}),
    })
  } catch {
    throw new RangeError(`this ${kind} is damaged and cannot be decoded`)
  }
  progress(0.8)
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height)
  const context = canvas.getContext('2d', { willReadFrequently: true })!
  context.drawImage(bitmap, 0, 0)
  bitmap.close()
  const { data } = context.getImageData(0, 0, canvas.width, canvas.height)
  progress(1)
  return { width: canvas.width, height: canvas.height, pixels: data }
}
