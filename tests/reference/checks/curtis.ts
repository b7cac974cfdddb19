import { filmInside } from '../../../core/paint/kubelkaFilm'
import { solveFilm } from '../../../core/paint/calibration/solveFilm'
import { worstOf } from '../row'
import type { Row } from '../row'

/**
 * K and S of twelve watercolours at red, green and blue for a layer of thickness 1: Curtis, Anderson,
 * Seims, Fleischer & Salesin 1997, "Computer-Generated Watercolor", SIGGRAPH 97, figure 5; recalled.
 */
const table: Record<string, [K: number[], S: number[]]> = {
  'quinacridone rose': [
    [0.22, 1.47, 0.57],
    [0.05, 0.003, 0.03],
  ],
  'indian red': [
    [0.46, 1.07, 1.5],
    [1.28, 0.38, 0.21],
  ],
  'cadmium yellow': [
    [0.1, 0.36, 3.45],
    [0.97, 0.65, 0.007],
  ],
  'hooker green': [
    [1.62, 0.61, 1.64],
    [0.01, 0.012, 0.003],
  ],
  'cerulean blue': [
    [1.52, 0.32, 0.25],
    [0.06, 0.26, 0.4],
  ],
  'burnt umber': [
    [0.74, 1.54, 2.1],
    [0.09, 0.09, 0.004],
  ],
  'cadmium red': [
    [0.14, 1.08, 1.68],
    [0.77, 0.015, 0.018],
  ],
  'bright orange': [
    [0.13, 0.81, 3.45],
    [0.009, 0.007, 0.01],
  ],
  'hansa yellow': [
    [0.06, 0.21, 1.78],
    [0.5, 0.88, 0.009],
  ],
  'phthalo green': [
    [1.55, 0.47, 0.63],
    [0.01, 0.05, 0.035],
  ],
  'french ultramarine': [
    [0.86, 0.86, 0.06],
    [0.005, 0.005, 0.09],
  ],
  'interference lilac': [
    [0.08, 0.11, 0.07],
    [1.25, 0.42, 1.43],
  ],
}

/** The layer's own reflectance and transmittance as the paper writes them, then laid on a ground. */
function asInPaper(K: number, S: number, ground: number): number {
  const a = 1 + K / S
  const b = Math.sqrt(a * a - 1)
  const c = a * Math.sinh(b * S) + b * Math.cosh(b * S)
  const R = Math.sinh(b * S) / c
  const T = b / c
  return R + (T * T * ground) / (1 - R * ground)
}

export function curtis(): Row[] {
  const cells = Object.values(table).flatMap(([K, S]) => K.map((k, i) => [k, S[i]!] as const))
  const films = cells.flatMap(([K, S]) =>
    [0, 1].map((ground) => Math.abs(filmInside(K, S, 1, ground) - asInPaper(K, S, ground))),
  )
  const back = cells.flatMap(([K, S]) => {
    const reading = (ground: number) => ({ ground, seen: asInPaper(K, S, ground) })
    const solved = solveFilm(reading(0), reading(1), 1)
    return [Math.abs(solved.K - K), Math.abs(solved.S - S)]
  })
  const against = 'Curtis et al. 1997'
  return [
    {
      what: 'twelve watercolours over black and white',
      against,
      cases: films.length,
      worst: worstOf(films),
      limit: 1e-9,
    },
    {
      what: 'their K and S solved back',
      against,
      cases: back.length,
      worst: worstOf(back),
      limit: 1e-6,
    },
  ]
}
