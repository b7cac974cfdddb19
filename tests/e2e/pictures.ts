import { deflateSync } from 'node:zlib'
import type { Page } from '@playwright/test'

const crcTable = Array.from({ length: 256 }, (_, n) => {
  let c = n
  for (let k = 0; k < 8; k++) c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1
  return c >>> 0
})
function chunk(name: string, data: Buffer): Buffer {
  const body = Buffer.concat([Buffer.from(name), data])
  let crc = 0xffffffff
  for (const byte of body) crc = crcTable[(crc ^ byte) & 255]! ^ (crc >>> 8)
  const out = Buffer.alloc(body.length + 8)
  out.writeUInt32BE(data.length, 0)
  body.copy(out, 4)
  out.writeUInt32BE((crc ^ 0xffffffff) >>> 0, body.length + 4)
  return out
}

/** A PNG made from a function of place, RGB bytes (ISO/IEC 15948). */
export function png(
  width: number,
  height: number,
  colour: (x: number, y: number) => readonly [number, number, number],
): Buffer {
  const rows = Buffer.alloc((width * 3 + 1) * height)
  for (let y = 0, at = 0; y < height; y++) {
    at++
    for (let x = 0; x < width; x++) {
      const [r, g, b] = colour(x, y)
      rows[at++] = r
      rows[at++] = g
      rows[at++] = b
    }
  }
  const head = Buffer.alloc(13)
  head.writeUInt32BE(width, 0)
  head.writeUInt32BE(height, 4)
  head.set([8, 2, 0, 0, 0], 8)
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(rows, { level: 1 })),
    chunk('IEND', Buffer.alloc(0)),
  ])
}

/** Offers a picture, grey at its left and one colour at its right, and shows the app both. */
export async function colourFromPicture(
  page: Page,
  what: string,
  rgb: readonly [number, number, number],
): Promise<void> {
  await page.getByLabel(`Picture of ${what}`).setInputFiles({
    name: 'swatch.png',
    mimeType: 'image/png',
    buffer: png(120, 60, (x) => (x < 60 ? [190, 190, 190] : rgb)),
  })
  const frame = page.getByRole('application')
  const box = (await frame.boundingBox())!
  const at = (x: number) => ({ position: { x: box.width * x, y: box.height / 2 } })
  await frame.click(at(0.25))
  await page.getByText(`Now show ${what}.`).waitFor()
  await frame.click(at(0.75))
  await page.getByText('Taken. Another place may be shown.').waitFor()
}
