import { readFileSync } from 'node:fs'
import { inflateSync } from 'node:zlib'
import { PDFDocument } from 'pdf-lib'
import { expect, it } from 'vitest'
import { missingWords, pdfWriter } from './pdfWriter'

/** Addresses of fonts are their places on disk here. */
const read = (url: string): Promise<ArrayBuffer> => {
  const bytes = readFileSync(
    url.replace(/^\/@fs|\?url$/g, '').replace(/^\/node_modules/, 'node_modules'),
  )
  return Promise.resolve(Uint8Array.from(bytes).buffer)
}
/** What a reader of the PDF gets back: the maps from glyphs to Unicode (ISO 32000-1, 9.10.3). */
function unicodeIn(pdf: Uint8Array): Set<string> {
  const text = Buffer.from(pdf).toString('latin1')
  const found = new Set<string>()
  for (const [, body] of text.matchAll(/stream\r?\n([\s\S]*?)endstream/g)) {
    let map: string
    try {
      map = inflateSync(Buffer.from(body!, 'latin1')).toString('latin1')
    } catch {
      continue
    }
    if (!map.includes('beginbfchar')) continue
    for (const [, code] of map.matchAll(/<[0-9A-Fa-f]+>\s*<([0-9A-Fa-f]{4})>/g))
      found.add(String.fromCharCode(parseInt(code!, 16)))
  }
  return found
}

it('letters of Europe, dashes and quotes are written as they are; what no font has is said', async () => {
  const pdf = await PDFDocument.create()
  const page = pdf.addPage([400, 200])
  const writer = await pdfWriter(pdf, read)
  const at = { x: 10, y: 100, size: 12, bold: false }
  const said = 'Zażółć gęślą jaźń 40–60 “Šárka” Ærø ñ ğ'
  writer.write(page, said, at)
  writer.write(page, 'Čapek', { ...at, y: 60, bold: true })
  expect([...writer.missing]).toEqual([])
  expect(missingWords(writer.missing)).toBe('')
  writer.write(page, 'dark → light 漢字', { ...at, y: 30 })
  expect([...writer.missing]).toEqual(['漢', '字'])
  expect(missingWords(writer.missing)).toContain('“漢 字”')
  const found = unicodeIn(await pdf.save())
  for (const sign of new Set(`${said}Čapek`.replaceAll(' ', '')))
    expect(found, sign).toContain(sign)
})
