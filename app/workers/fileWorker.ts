import { expose } from 'comlink'
import { parseBox, parseBoxCsv, parseCgats, parseTones, readMeasurements } from '../../core'

/** Readers of files that are not commissions; those come in through the commission's worker. */
const readers = {
  cgats: parseCgats,
  measurements: readMeasurements,
  tones: parseTones,
  box: (text: string) => (text.trimStart().startsWith('{') ? parseBox(text) : parseBoxCsv(text)),
}
type Readers = typeof readers
export type FileKind = keyof Readers

const api = {
  /** What a file holds, or what is wrong with it by place. */
  async read<Kind extends FileKind>(file: Blob, kind: Kind): Promise<ReturnType<Readers[Kind]>> {
    return readers[kind](await file.text()) as ReturnType<Readers[Kind]>
  },
}
export type FileRead<Kind extends FileKind> = ReturnType<Readers[Kind]>
export type FileApi = typeof api
expose(api)
