import { identifyPicture } from '../../core'
import type { PictureKind } from '../../core'

/** So much of a file tells its kind and size, bytes; cameras may write a megabyte and more before they say it. */
const HEADS = [1 << 20, 1 << 24] as const

/** What a picture file is, from as little of it as tells; throws in words for what is none. */
export async function identified(file: Blob): Promise<PictureKind> {
  const [usual, most] = HEADS
  const from = async (bytes: number) =>
    identifyPicture(new Uint8Array(await file.slice(0, bytes).arrayBuffer()))
  return file.size <= usual ? from(usual) : from(usual).catch(() => from(most))
}
