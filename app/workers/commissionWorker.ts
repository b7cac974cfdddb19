import { expose, transfer } from 'comlink'
import { bakeSculpt, formatStl, packCommission, stlCorners, unpackCommission } from '../../core'
import type { Project, Reading } from '../../core'
import { photoOf, putPhoto } from '../stores/photos'
import { sculpts, shown } from './keptSculpts'
import type { KeptSculpt } from './keptSculpts'

const api = {
  /** The project with its pictures and sculpts as one zip. */
  async pack(project: Project, names: ReadonlyMap<string, string>): Promise<Uint8Array> {
    const photos = new Map<string, Uint8Array>()
    for (const { photo } of project.log ?? []) {
      const picture = photo && (await photoOf(photo))
      if (photo && picture) photos.set(photo, new Uint8Array(await picture.arrayBuffer()))
    }
    const meshes = new Map<string, Uint8Array>()
    for (const { id } of project.figures) {
      const kept = await sculpts.getItem<KeptSculpt>(id)
      if (kept) meshes.set(id, formatStl(kept))
    }
    const whole = { project, photos, sculpts: meshes }
    const bytes = packCommission(whole, (id) => names.get(id) ?? id)
    return transfer(bytes, [bytes.buffer])
  },
  /** What a zip holds; pictures and sculpts are kept before the project is handed over. */
  async unpack(file: Blob, paintIds: readonly string[]): Promise<Reading<Project>> {
    const bytes = new Uint8Array(await file.arrayBuffer())
    const reading = unpackCommission(bytes, new Set(paintIds))
    if (!reading.ok) return reading
    const { project, photos, sculpts: meshes } = reading.value
    for (const [id, picture] of photos)
      await putPhoto(id, new Blob([new Uint8Array(picture)], { type: 'image/jpeg' }))
    for (const [figure, stl] of meshes) {
      const name = `${figure}.stl`
      await sculpts.setItem(figure, { ...shown(bakeSculpt(stlCorners(stl))), name })
    }
    return { ok: true, value: project }
  },
}
export type CommissionApi = typeof api
expose(api)
