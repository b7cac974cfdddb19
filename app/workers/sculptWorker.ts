import { failureWords } from '../words/failure'
import { expose, transfer } from 'comlink'
import { bakeSculpt, curvatureOf, shadingOf, SHOWN_CELLS } from '../../core'
import type { FormSamples } from '../../core'
import { putSculpt, sculptOf } from '../vault/sculpts'
import type { KeptSculpt } from '../vault/sculpts'
import { shown } from '../vault/shownForm'
import type { ShownForm } from '../vault/shownForm'
import { meshCorners, ownForm } from './meshCorners'

const MOST_BYTES = 200 * 1024 * 1024

/** Handed over, not copied: a copy would hold the page. */
const handed = <T extends ShownForm>(made: T): T =>
  transfer(
    made,
    [
      made.positions,
      made.normals,
      made.occlusion,
      made.curvature,
      made.triangles,
      made.reach.values,
    ].map(({ buffer }) => buffer),
  )

const api = {
  /** One of our own forms, with its occlusion baked in. */
  form: async (data: ArrayBuffer): Promise<ShownForm> => handed(shown(await ownForm(data))),
  /** A sculpt that was kept, if it is there. */
  async kept(id: string): Promise<KeptSculpt | undefined> {
    const found = await sculptOf(id)
    // What an earlier version kept has no curvature, or nothing that shades.
    return found
      ? handed({
          ...found,
          curvature: found.curvature ?? curvatureOf(found),
          reach: found.reach ?? shadingOf(found),
          kept: true,
        })
      : undefined
  },
  /** The points of a kept sculpt that shares are measured on. */
  samples: async (id: string): Promise<FormSamples | undefined> => (await sculptOf(id))?.samples,
  /** A sculpt of the painter's own, kept under an id; or why it cannot be taken. */
  async read(
    id: string,
    name: string,
    file: Blob,
    detail: keyof typeof SHOWN_CELLS,
    tell: (done: number) => void,
  ): Promise<KeptSculpt | { trouble: string }> {
    try {
      if (file.size > MOST_BYTES)
        throw new RangeError(`is larger than ${MOST_BYTES / 1024 / 1024} MB`)
      tell(0.02)
      const points = await meshCorners(name, await file.arrayBuffer())
      const made = { ...shown(bakeSculpt(points, tell, SHOWN_CELLS[detail])), name }
      const kept = await putSculpt(id, made).then(
        () => true,
        () => false,
      )
      return handed({ ...made, kept })
    } catch (error) {
      return { trouble: failureWords(error) }
    }
  },
}

export type SculptApi = typeof api
expose(api)
