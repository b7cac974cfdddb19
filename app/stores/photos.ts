import localForage from 'localforage'

/** Pictures of painted figures, kept in this browser beside the project, by id. */
const store = localForage.createInstance({ name: 'cobaltfinch', storeName: 'photos' })

/** Longer side of a kept picture, pixels; enough to see a brush stroke on a bust. */
const LONGEST = 1600

/** The picture smaller, as JPEG; decoding and packing happen off the page. */
async function smaller(file: Blob): Promise<Blob> {
  const whole = await createImageBitmap(file)
  const scale = Math.min(1, LONGEST / Math.max(whole.width, whole.height))
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(whole.width * scale)),
    Math.max(1, Math.round(whole.height * scale)),
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
  const made = await smaller(file).catch(() => {
    throw new Error('this is no picture that the browser can open; JPEG, PNG and WebP can be')
  })
  const id = crypto.randomUUID()
  await store.setItem(id, made)
  return id
}

export const photoOf = (id: string): Promise<Blob | null> => store.getItem<Blob>(id)

export const putPhoto = (id: string, picture: Blob): Promise<unknown> => store.setItem(id, picture)
