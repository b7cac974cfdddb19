import { PDFDocument, rgb } from 'pdf-lib'
import { CARD_MM, cardPages, darkRuns, formatPagesSvg } from '../../../core'
import type { CardItem } from '../../../core'
import { missingWords, pdfWriter } from './pdfWriter'

const POINTS_PER_MM = 72 / 25.4
/** Dots per mm of the picture: 300 to the inch. */
const PIXELS_PER_MM = 300 / 25.4

const channels = (hex: string) =>
  [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16) / 255) as [number, number, number]
/** Things on pages, with what the whole is called. */
export interface Pages {
  title: string
  items: readonly CardItem[]
}

/** Pages as a PDF of their real size, and what is to be known of it. */
export async function pagesPdf({
  title,
  items,
}: Pages): Promise<{ bytes: Uint8Array<ArrayBuffer>; note: string }> {
  const pdf = await PDFDocument.create()
  pdf.setTitle(title)
  const pages = Array.from({ length: cardPages(items) }, () =>
    pdf.addPage([CARD_MM.width * POINTS_PER_MM, CARD_MM.height * POINTS_PER_MM]),
  )
  const writer = await pdfWriter(pdf)
  for (const item of items) {
    const at = Math.floor(item.y / CARD_MM.height)
    const page = pages[at]!
    const y = (mm: number): number => ((at + 1) * CARD_MM.height - mm) * POINTS_PER_MM
    if (item.kind === 'box')
      page.drawRectangle({
        x: item.x * POINTS_PER_MM,
        y: y(item.y + item.height),
        width: item.width * POINTS_PER_MM,
        height: item.height * POINTS_PER_MM,
        color: rgb(...channels(item.fill)),
      })
    else if (item.kind === 'code') {
      const side = item.size / item.dark.length
      for (const { row, from, long } of darkRuns(item.dark))
        page.drawRectangle({
          x: (item.x + from * side) * POINTS_PER_MM,
          y: y(item.y + (row + 1) * side),
          width: long * side * POINTS_PER_MM,
          height: side * POINTS_PER_MM,
          color: rgb(0, 0, 0),
        })
    } else
      writer.write(page, item.text, {
        x: item.x * POINTS_PER_MM,
        y: y(item.y),
        size: item.size,
        bold: item.bold === true,
      })
  }
  return { bytes: new Uint8Array(await pdf.save()), note: missingWords(writer.missing) }
}

/** Pages as a PNG at 300 dots to the inch, one below the other. */
export async function pagesPng({ title, items }: Pages): Promise<Blob> {
  const picture = new Image()
  picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(formatPagesSvg(title, items))}`
  await picture.decode()
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(CARD_MM.width * PIXELS_PER_MM)
  canvas.height = Math.round(CARD_MM.height * cardPages(items) * PIXELS_PER_MM)
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) =>
      blob ? resolve(blob) : reject(new Error('the browser could not draw the card')),
    ),
  )
}
