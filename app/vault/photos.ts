import { storeOf } from './database'
import { DEMO_PICTURE } from '../../demo/lowTide'
import { identified } from './identified'
import { newId } from './newId'

/** Pictures of painted figures and of what they are painted after, kept in this browser beside the work, by id. */
const store = storeOf('photos')

/** Longer side of a kept picture, pixels; enough to see a brush stroke on a bust. */
export const LONGEST_KEPT = 1600

/** The picture smaller, as JPEG; decoding and packing happen off the page. */
async function smaller(file: Blob): Promise<Blob> {
  const { width, height } = await identified(file)
  const scale = Math.min(1, LONGEST_KEPT / Math.max(width, height))
  // The longer side alone is set where the picture may yet be turned by its orientation mark.
  const whole = await createImageBitmap(file, {
    imageOrientation: 'from-image',
    resizeQuality: 'medium',
    ...(scale < 1 ? { resizeWidth: Math.max(1, Math.round(width * scale)) } : {}),
  }).catch(() => {
    throw new RangeError('it is damaged and cannot be decoded')
  })
  // Turned by its mark, its height may be the longer side now.
  const still = Math.min(1, LONGEST_KEPT / Math.max(whole.width, whole.height))
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(whole.width * still)),
    Math.max(1, Math.round(whole.height * still)),
  )
  canvas.getContext('2d')!.drawImage(whole, 0, 0, canvas.width, canvas.height)
  whole.close()
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.85 })
}

/**
 * Keeps a picture and says under which id.
 * @throws Error when it is no picture, or the browser refuses to keep it.
 */
export async function keepPhoto(file: Blob): Promise<string> {
  const made = await smaller(file)
  const id = newId()
  await store.setItem(id, made)
  return id
}

/** The demo's picture comes with the application. */
async function shipped(id: string): Promise<Blob | null> {
  if (id !== DEMO_PICTURE) return null
  const answer = await fetch(`/demo/${id}.png`)
  return answer.ok ? answer.blob() : null
}

export const photoOf = async (id: string): Promise<Blob | null> =>
  (await store.getItem<Blob>(id)) ?? shipped(id)

/** Keeps a picture that came with a commission; one that is there already stays. */
export async function putPhoto(id: string, picture: Blob): Promise<boolean> {
  if (await store.getItem<Blob>(id)) return false
  await store.setItem(id, picture)
  return true
}

export const photoIds = (): Promise<string[]> => store.keys()
export const dropPhoto = (id: string): Promise<void> => store.removeItem(id)
