import { keyVector, usualKey } from '../../core'
import type { Distance } from '../../core/ladder/form/distance'
import { png } from '../../tests/fixtures/pictures'
import { before, met, normalAt, reaches } from './trace'

const SIDE = 72
const GROUND = 150
const key = keyVector(usualKey)

/** A shape in grey under the usual light, small, to choose it by. */
export const thumbnail = (shape: Distance): Buffer =>
  png(SIDE, SIDE, (px, py) => {
    const at = met(shape, 2.1 * ((px + 0.5) / SIDE - 0.5), 2.1 * (0.5 - (py + 0.5) / SIDE))
    if (!at) return [GROUND, GROUND, GROUND]
    const n = normalAt(shape, at)
    const lambert = Math.max(0, n[0] * key[0] + n[1] * key[1] + n[2] * key[2])
    const light =
      0.78 * lambert * reaches(shape, before(at, n, 0.02), key) + 0.16 * (0.6 + 0.4 * n[1])
    const v = Math.round(255 * Math.min(1, 0.06 + light))
    return [v, v, v]
  })
