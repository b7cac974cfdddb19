import { whitePoint } from '../../../core'
import type { Illuminant } from '../../../core'
import { worstOf } from '../row'
import type { Row } from '../row'

/** Published white points, 2°, Y = 100: ASTM E308 table 5 (F2 from memory of the same table). */
const published: Record<Illuminant, [number, number]> = {
  A: [109.85, 35.585],
  D50: [96.422, 82.521],
  D65: [95.047, 108.883],
  F2: [99.186, 67.393],
  F11: [100.962, 64.35],
}

export function whites(): Row[] {
  const off = Object.entries(published).flatMap(([name, [X, Z]]) => {
    const white = whitePoint(name as Illuminant)
    return [Math.abs(white[0] - X), Math.abs(white[2] - Z)]
  })
  return [
    {
      what: 'white points, X and Z',
      against: 'ASTM E308',
      cases: off.length,
      worst: worstOf(off),
      limit: 0.012,
    },
  ]
}
