import { expose, transfer } from 'comlink'
import {
  assumedDaylight,
  fitPicture,
  fromNeutral,
  judgePhotograph,
  labOfXyz,
  pictureTones,
  whitePoint,
  xyzAround,
} from '../../core'
import type {
  CriticAnswer,
  CriticRequest,
  Lab,
  Mask,
  Picture,
  PictureFit,
  PictureTone,
  XyzCorrection,
} from '../../core'
import { decodePicture } from './decodePicture'

export interface PicturePoint {
  x: number
  y: number
}
export interface PictureAnswer extends PictureFit {
  tones: PictureTone[]
}

/** Open pictures by the slot they were opened for. */
const pictures = new Map<string, Picture>()

function opened(slot: string): Picture {
  const picture = pictures.get(slot)
  if (!picture) throw new RangeError('no picture is open')
  return picture
}
const correction = (slot: string, neutral?: PicturePoint): XyzCorrection =>
  neutral ? fromNeutral(xyzAround(opened(slot), neutral.x, neutral.y)) : assumedDaylight

const api = {
  /** Decodes a file and keeps it here; hands back a copy to look at. `progress` runs 0–1. */
  async open(slot: string, file: Blob, progress: (done: number) => void): Promise<Picture> {
    const picture = await decodePicture(file, progress)
    pictures.set(slot, picture)
    const copy = picture.pixels.slice()
    return transfer({ ...picture, pixels: copy }, [copy.buffer])
  },
  /** Tones of the chosen pixels and what explains them best. */
  tones(
    slot: string,
    mask: Mask | undefined,
    count: number,
    neutral?: PicturePoint,
  ): PictureAnswer {
    const correct = correction(slot, neutral)
    const tones = pictureTones(opened(slot), { mask, count, correct })
    return { tones, ...fitPicture(tones) }
  },
  /** The colour of one place. */
  colourAt(slot: string, { x, y }: PicturePoint, neutral?: PicturePoint): Lab {
    const xyz = correction(slot, neutral)(xyzAround(opened(slot), x, y))
    return labOfXyz(xyz, whitePoint(), 'D65/2')
  },
  /** What a critic says of a photograph of the painted figure. */
  judge: (slot: string, request: CriticRequest): CriticAnswer =>
    judgePhotograph(opened(slot), request),
  close: (slot: string) => void pictures.delete(slot),
}

export type PictureApi = typeof api
expose(api)
