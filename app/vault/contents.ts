import { bakeSculpt, formatStl, mergeEyes, photosOf, sculptsOf, stlCorners } from '../../core'
import type { Commission, Project } from '../../core'
import { keepEye, readEye } from './eye'
import { newId } from './newId'
import { photoOf, putPhoto } from './photos'
import { putSculpt, sculptOf } from './sculpts'
import { shown } from './shownForm'
import { discard } from './unnamed'
import type { Stored } from './unnamed'

/** A sculpt as it is shown; nothing where it is no model. */
function bakedOf(stl: Uint8Array): ReturnType<typeof bakeSculpt> | undefined {
  try {
    return bakeSculpt(stlCorners(stl))
  } catch {
    return undefined
  }
}

/** A commission with all that it names and this browser holds. */
export async function packedContents(project: Project): Promise<Commission> {
  const photos = new Map<string, Uint8Array>()
  for (const id of photosOf(project)) {
    const picture = await photoOf(id)
    if (picture) photos.set(id, new Uint8Array(await picture.arrayBuffer()))
  }
  const sculpts = new Map<string, Uint8Array>()
  for (const id of sculptsOf(project)) {
    const kept = await sculptOf(id)
    if (kept) sculpts.set(id, formatStl(kept))
  }
  return { project, photos, sculpts, eye: await readEye() }
}

/** Hears how many pictures and sculpts are stored, of how many. */
export type Tell = (news: { at: number; all: number }) => void

/**
 * Stores pictures and sculpts of a commission, all of them or none; its figures then name them. A sculpt that is no model
 * is left out and told: the rest is the painter's work all the same.
 */
export async function store(
  { project, photos, sculpts, eye }: Commission,
  tell: Tell = () => undefined,
): Promise<{
  project: Project
  stored: Stored
  refused: string[]
}> {
  const stored: Stored = { photos: [], sculpts: [] }
  const all = photos.size + sculpts.size
  let at = 0
  try {
    for (const [id, picture] of photos) {
      tell({ at: ++at, all })
      if (await putPhoto(id, new Blob([new Uint8Array(picture)], { type: 'image/jpeg' })))
        stored.photos.push(id)
    }
    // A sculpt of the same id may be another's: older files named them by figure.
    const ids = new Map<string, string>()
    const refused: string[] = []
    for (const [name, stl] of sculpts) {
      tell({ at: ++at, all })
      const id = newId()
      const baked = bakedOf(stl)
      if (!baked) {
        refused.push(name)
        continue
      }
      await putSculpt(id, { ...shown(baked), name: `${name}.stl` })
      ids.set(name, id)
      stored.sculpts.push(id)
    }
    const figures = project.figures.map(({ sculpt, ...figure }) => {
      const id = sculpt === undefined ? undefined : ids.get(sculpt)
      return id === undefined ? figure : { ...figure, sculpt: id }
    })
    // Answers are put with those that are here; an eye only ever has more of them.
    if (eye) await keepEye(mergeEyes(await readEye(), eye))
    return { project: { ...project, figures }, stored, refused }
  } catch (error) {
    await discard(stored)
    throw error
  }
}
