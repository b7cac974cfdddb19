import { expose, transfer } from 'comlink'
import {
  assumedDaylight,
  fitTone,
  fromNeutral,
  identifyPicture,
  labOfXyz,
  pictureTones,
  whitePoint,
  xyzAround,
} from '../../core'
import type { Correction, Lab, Mask, Picture, PictureTone, Tone } from '../../core'

/** Pictures are looked at no larger than this, pixels on the longer side. */
const LONGEST = 1200

export interface Point {
  x: number
  y: number
}
export interface PictureAnswer {
  tones: PictureTone[]
  tone: Tone
  off: number
  skinOff: number
}

let picture: Picture | undefined

function opened(): Picture {
  if (!picture) throw new RangeError('no picture is open')
  return picture
}

const correction = (neutral?: Point): Correction =>
  neutral ? fromNeutral(xyzAround(opened(), neutral.x, neutral.y)) : assumedDaylight

const api = {
  /** Decodes a file and keeps it here; hands back a copy to look at. `progress` runs 0–1. */
  async open(file: Blob, progress: (done: number) => void): Promise<Picture> {
    progress(0.05)
    const head = new Uint8Array(await file.slice(0, 1 << 20).arrayBuffer())
    const { kind, width, height } = identifyPicture(head)
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
    picture = { width: canvas.width, height: canvas.height, pixels: data }
    progress(1)
    const copy = data.slice()
    return transfer({ ...picture, pixels: copy }, [copy.buffer])
  },

  /** Tones of the chosen pixels and what explains them best. */
  tones(mask: Mask | undefined, count: number, neutral?: Point): PictureAnswer {
    const tones = pictureTones(opened(), { mask, count, correct: correction(neutral) })
    // The tone that covers most of the skin is taken as the one in full light.
    const anchor = tones.reduce((best, one, i) => (one.share > tones[best]!.share ? i : best), 0)
    return {
      tones,
      ...fitTone(
        tones.map(({ lab }) => lab),
        anchor,
      ),
    }
  },

  /** The colour of one place. */
  colourAt({ x, y }: Point, neutral?: Point): Lab {
    return labOfXyz(correction(neutral)(xyzAround(opened(), x, y)), whitePoint(), 'D65/2')
  },

  close(): void {
    picture = undefined
  },
}

export type PictureApi = typeof api
expose(api)
