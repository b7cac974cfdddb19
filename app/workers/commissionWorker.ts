import { expose, transfer } from 'comlink'
import {
  bakeSculpt,
  formatStl,
  packCommission,
  photosOf,
  sculptsOf,
  stlCorners,
  unpackCommission,
} from '../../core'
import type { Project, Reading } from '../../core'
import { newId } from '../stores/newId'
import { dropPhoto, photoOf, putPhoto } from '../stores/vault/photos'
import { dropSculpt, putSculpt, sculptOf } from '../stores/vault/sculpts'
import { shown } from './shownForm'

/** What came out of a zip, and what was stored for it. */
export interface Unpacked {
  project: Project
  /** Pictures that the commission names and the zip has not. */
  missing: string[]
  stored: Stored
}
export interface Stored {
  photos: string[]
  sculpts: string[]
}

async function discard({ photos, sculpts }: Stored): Promise<void> {
  for (const id of photos) await dropPhoto(id)
  for (const id of sculpts) await dropSculpt(id)
}

const api = {
  /** The project with its pictures and sculpts as one zip. */
  async pack(project: Project, names: ReadonlyMap<string, string>): Promise<Uint8Array> {
    const photos = new Map<string, Uint8Array>()
    for (const id of photosOf(project)) {
      const picture = await photoOf(id)
      if (picture) photos.set(id, new Uint8Array(await picture.arrayBuffer()))
    }
    const meshes = new Map<string, Uint8Array>()
    for (const id of sculptsOf(project)) {
      const kept = await sculptOf(id)
      if (kept) meshes.set(id, formatStl(kept))
    }
    const whole = { project, photos, sculpts: meshes }
    const bytes = packCommission(whole, (id) => names.get(id) ?? id)
    return transfer(bytes, [bytes.buffer])
  },
  /** What a zip holds. Pictures and sculpts are stored first, all of them or none. */
  async unpack(file: Blob, paintIds: readonly string[]): Promise<Reading<Unpacked>> {
    const bytes = new Uint8Array(await file.arrayBuffer())
    const reading = unpackCommission(bytes, new Set(paintIds))
    if (!reading.ok) return reading
    const { project, photos, sculpts: meshes, missing } = reading.value
    const stored: Stored = { photos: [], sculpts: [] }
    try {
      for (const [id, picture] of photos)
        if (await putPhoto(id, new Blob([new Uint8Array(picture)], { type: 'image/jpeg' })))
          stored.photos.push(id)
      // A sculpt of the same id may be another's: older files named them by figure.
      const ids = new Map<string, string>()
      for (const [name, stl] of meshes) {
        const id = newId()
        await putSculpt(id, { ...shown(bakeSculpt(stlCorners(stl))), name: `${name}.stl` })
        ids.set(name, id)
        stored.sculpts.push(id)
      }
      const figures = project.figures.map(({ sculpt, ...figure }) => {
        const id = sculpt === undefined ? undefined : ids.get(sculpt)
        return id === undefined ? figure : { ...figure, sculpt: id }
      })
      return { ok: true, value: { project: { ...project, figures }, missing, stored } }
    } catch (error) {
      await discard(stored)
      throw error
    }
  },
  discard,
}
export type CommissionApi = typeof api
expose(api)
