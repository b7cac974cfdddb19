/** What the first bytes of a file say it is. */
export interface PictureKind {
  kind: 'JPEG' | 'PNG' | 'WebP' | 'AVIF'
  width: number
  height: number
}

/** Phones make 48 and 50; four bytes each are held while one is scaled down. */
export const MOST_MEGAPIXELS = 64

const ascii = (bytes: Uint8Array, at: number, text: string): boolean =>
  [...text].every((letter, i) => bytes[at + i] === letter.charCodeAt(0))

/** JPEG, ITU-T T.81, B.2.2: the frame header after any other marker segments. */
function jpegSize(bytes: Uint8Array, view: DataView): [number, number] | undefined {
  let at = 2
  while (at + 9 < bytes.length) {
    if (bytes[at] !== 0xff) return undefined
    const marker = bytes[at + 1]!
    const frame = marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker)
    if (frame) return [view.getUint16(at + 7), view.getUint16(at + 5)]
    at += 2 + view.getUint16(at + 2)
  }
  return undefined
}

/** WebP container, RFC 9649: lossy, lossless or extended. */
function webpSize(bytes: Uint8Array, view: DataView): [number, number] | undefined {
  if (bytes.length < 30) return undefined
  if (ascii(bytes, 12, 'VP8X'))
    return [1 + (view.getUint32(24, true) & 0xffffff), 1 + (view.getUint32(26, true) >>> 8)]
  if (ascii(bytes, 12, 'VP8L')) {
    const bits = view.getUint32(21, true)
    return [1 + (bits & 0x3fff), 1 + ((bits >>> 14) & 0x3fff)]
  }
  return [view.getUint16(26, true) & 0x3fff, view.getUint16(28, true) & 0x3fff]
}

/** Properties of an AVIF file stand within its first so many bytes. */
const AVIF_HEAD = 1 << 16
/** AVIF, ISO/IEC 23008-12, 6.5.3: spatial extents; those of a thumbnail and of a grid's tiles are smaller than the picture's. */
function avifSize(bytes: Uint8Array, view: DataView): [number, number] | undefined {
  let size: [number, number] | undefined
  for (let at = 12; at + 16 <= Math.min(bytes.length, AVIF_HEAD); at++) {
    if (!ascii(bytes, at, 'ispe')) continue
    const [width, height] = [view.getUint32(at + 8), view.getUint32(at + 12)]
    if (!size || width * height > size[0] * size[1]) size = [width, height]
  }
  return size
}

/**
 * Tells what a picture file is and how large, without decoding it.
 * @throws RangeError in words for what is no picture, damaged, or larger than `MOST_MEGAPIXELS`.
 * @example identifyPicture(pngHead).width // 1
 */
export function identifyPicture(bytes: Uint8Array): PictureKind {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  let kind: PictureKind['kind']
  let size: [number, number] | undefined
  if (bytes[0] === 0xff && bytes[1] === 0xd8) {
    kind = 'JPEG'
    size = jpegSize(bytes, view)
  } else if (bytes.length > 8 && ascii(bytes, 1, 'PNG\r\n')) {
    kind = 'PNG'
    // PNG, ISO/IEC 15948, 11.2.2: IHDR comes first.
    if (bytes.length >= 24 && ascii(bytes, 12, 'IHDR'))
      size = [view.getUint32(16), view.getUint32(20)]
  } else if (ascii(bytes, 0, 'RIFF') && ascii(bytes, 8, 'WEBP')) {
    kind = 'WebP'
    size = webpSize(bytes, view)
  } else if (ascii(bytes, 4, 'ftypavi')) {
    kind = 'AVIF'
    size = avifSize(bytes, view)
  } else
    throw new RangeError(
      bytes.length === 0
        ? 'the file is empty; open a JPEG, PNG, WebP or AVIF picture'
        : 'this is no picture, whatever its name says; open a JPEG, PNG, WebP or AVIF',
    )
  if (!size || !(size[0] > 0 && size[1] > 0))
    throw new RangeError(`this ${kind} is damaged: it does not say how large it is`)
  const megapixels = (size[0] * size[1]) / 1e6
  if (megapixels > MOST_MEGAPIXELS)
    throw new RangeError(
      `the picture has ${megapixels.toFixed(0)} megapixels; up to ${MOST_MEGAPIXELS} can be opened`,
    )
  return { kind, width: size[0], height: size[1] }
}
