import { curvatureOf } from '../../../core/ladder/form/curvature'
import { distanceGrid } from '../../../core/ladder/form/distanceGrid'
import type { FormKey } from '../../../core/project/forms'
import { occlusionOf } from '../../../core/ladder/form/occlusion'
import { reachOf } from '../../../core/ladder/form/reach'
import { PACKED_TERMS, packSamples, samplesOf, everyNth } from '../../../core/ladder/form/samples'
import { surfaceNet } from '../../../core/ladder/form/surfaceNet'
import { shapes } from './shapes'

/** Cells for the points that shares are measured on, and how many are kept: enough for a percent. */
const CELLS = 36
const MOST = 420
/** Cells for what shades what: cast shadows are larger than lids and lips. */
const GRID = 56

/** The points of a form that shares are measured on, packed as `points.ts` has them. */
export function formPoints(key: FormKey): string {
  const shape = shapes[key]
  const mesh = surfaceNet(shape, CELLS)
  const bare = everyNth(
    samplesOf(mesh, occlusionOf(shape, mesh), curvatureOf(mesh), {
      terms: 3,
      values: mesh.positions,
    }),
    MOST,
  )
  const reach = reachOf(
    { positions: bare.reach!.values, normals: bare.normals },
    distanceGrid(shape, GRID),
    { terms: PACKED_TERMS },
  )
  return packSamples({ ...bare, reach })
}
