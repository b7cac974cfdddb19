import fontkit from '@pdf-lib/fontkit'
import bold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url'
import boldMore from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-700-normal.woff?url'
import plain from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url'
import plainMore from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff?url'
import type { PDFDocument, PDFFont, PDFPage } from 'pdf-lib'

/** What stands for a sign that none of the fonts has. */
const MISSING = '?'
/** Signs that another says as well. */
const INSTEAD: Readonly<Record<string, string>> = { '→': '>', '\u00a0': ' ', '\u202f': ' ' }

const fetched = async (url: string): Promise<ArrayBuffer> => {
  const answer = await fetch(url)
  if (!answer.ok) throw new Error(`a font did not come: the server answered ${answer.status}`)
  return answer.arrayBuffer()
}

interface Face {
  font: PDFFont
  has: ReadonlySet<number>
}

/** Writes text into a PDF in fonts that come with it, sign by sign in the first that has it. */
export interface PdfWriter {
  write: (
    page: PDFPage,
    text: string,
    at: { x: number; y: number; size: number; bold: boolean },
  ) => void
  /** Signs that none of them has, each once. */
  missing: ReadonlySet<string>
}

/**
 * Embeds the application's own faces, as much of them as is written.
 * @param read bytes of a font by its address.
 */
export async function pdfWriter(pdf: PDFDocument, read = fetched): Promise<PdfWriter> {
  pdf.registerFontkit(fontkit)
  const face = async (url: string): Promise<Face> => {
    const font = await pdf.embedFont(await read(url), { subset: true })
    return { font, has: new Set(font.getCharacterSet()) }
  }
  const faces = {
    plain: [await face(plain), await face(plainMore)],
    bold: [await face(bold), await face(boldMore)],
  }
  const missing = new Set<string>()
  return {
    missing,
    write(page, text, { x, y, size, bold }) {
      const [first, ...others] = faces[bold ? 'bold' : 'plain'] as [Face, ...Face[]]
      let run = ''
      let of = first
      let from = x
      const flush = (): void => {
        if (run === '') return
        page.drawText(run, { x: from, y, size, font: of.font })
        from += of.font.widthOfTextAtSize(run, size)
        run = ''
      }
      // Letters with their marks as one sign, where there is one.
      for (const given of text.normalize('NFC')) {
        let sign = INSTEAD[given] ?? given
        const known = (one: Face): boolean => one.has.has(sign.codePointAt(0)!)
        let next = [first, ...others].find(known)
        if (!next) {
          missing.add(sign)
          sign = MISSING
          next = first
        }
        if (next !== of) {
          flush()
          of = next
        }
        run += sign
      }
      flush()
    },
  }
}

/** What is to be said of signs that could not be written; nothing where all could. */
export const missingWords = (missing: ReadonlySet<string>): string =>
  missing.size === 0
    ? ''
    : `The PDF has no sign for “${[...missing].slice(0, 12).join(' ')}” and shows ${MISSING} there; the picture and the drawing have them.`
