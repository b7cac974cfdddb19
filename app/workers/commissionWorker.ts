import { expose, transfer } from 'comlink'
import { packCommission, parseProject, unpackCommission } from '../../core'
import type { Project, ReadResult } from '../../core'
import { packedContents, store } from '../vault/contents'
import type { Tell } from '../vault/contents'
import { discard, freeUnnamed } from '../vault/unnamed'
import type { Stored } from '../vault/unnamed'

/** What came out of a zip, and what was stored for it. */
export interface Unpacked {
  project: Project
  /** Pictures and sculpts that the commission names and the zip has not, or only damaged. */
  missing: string[]
  stored: Stored
}

const api = {
  /** The project with its pictures and sculpts as one zip. */
  async pack(project: Project, names: ReadonlyMap<string, string>): Promise<Uint8Array> {
    const bytes = packCommission(await packedContents(project), (id) => names.get(id) ?? id)
    return transfer(bytes, [bytes.buffer])
  },
  /** What a zip holds. Pictures and sculpts are stored first, all of them or none. */
  async unpack(file: Blob, paintIds: readonly string[], tell: Tell): Promise<ReadResult<Unpacked>> {
    const bytes = new Uint8Array(await file.arrayBuffer())
    const reading = unpackCommission(bytes, new Set(paintIds))
    if (!reading.ok) return reading
    const { missing, ...commission } = reading.value
    const { refused, ...rest } = await store(commission, tell)
    // A sculpt that cannot be read is said like one that is not there.
    return { ok: true, value: { ...rest, missing: [...missing, ...refused] } }
  },
  /** What a plain project file holds. */
  async read(file: Blob, paintIds: readonly string[]): Promise<ReadResult<Unpacked>> {
    const reading = parseProject(await file.text(), new Set(paintIds))
    if (!reading.ok) return reading
    const stored = { photos: [], sculpts: [] }
    return { ok: true, value: { project: reading.value, missing: [], stored } }
  },
  discard,
  free: freeUnnamed,
}
export type CommissionApi = typeof api
expose(api)
