import type { CoatKind } from '../../project/coat'
import { deltaE00Of } from '../../colour/deltaE00'
import { labOf, writeLab } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { BANDS } from '../../colour/spectrum'
import type { Spectrum } from '../../colour/spectrum'
import { weightsOf } from '../../colour/weights'
import { groundOf } from '../../paint/film'
import { FILM, GROUND, seenOver, writeCoated, writeFilm } from '../../paint/fourFluxes'
import type { Paint } from '../../paint/paint'
import { dryFilmUm } from '../dryFilm'

export interface GlazeRequest {
  /** Colours to start from, one a zone, and what each is to become. */
  zones: readonly { from: Spectrum; to: Lab }[]
  paints: readonly Paint[]
  /** Parts of thinner to one of paint. */
  ratios: readonly number[]
  mostPasses: number
  kind?: CoatKind
}

export interface GlazeAnswer {
  paint: Paint
  ratio: number
  passes: number
  lab: Lab
  /** Distance that is left, and what it was before, ΔE00. */
  deltaE00: number
  before: number
}

export const usualRatios = [2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 14] as const

/**
 * The paint, thinning and passes that take each zone's colour nearest to another: every point of the
 * grid is tried. Passes of one thinning are one film of their summed thickness.
 * @throws RangeError for no paint, ratio or pass.
 * @example glazeSearch({ zones: [{ from: base, to: flesh }], paints: box, ratios: [3, 6], mostPasses: 2 })[0].ratio
 */
export function glazeSearch(request: GlazeRequest): GlazeAnswer[] {
  const { zones, paints, ratios, mostPasses, kind = 'glaze' } = request
  if (paints.length === 0 || ratios.length === 0 || !(mostPasses >= 1))
    throw new RangeError('a glaze needs at least one paint, one ratio and one pass to try')
  const { x, y, z, white } = weightsOf()
  const lab = new Float64Array(3)
  const films = new Float64Array(FILM * BANDS)
  const laid = new Float64Array(GROUND)
  const grounds = zones.map(({ from }) => groundOf(from))
  const best = zones.map(({ from, to }) => {
    const { L, a, b } = labOf(from)
    return { before: deltaE00Of(L, a, b, to.L, to.a, to.b), off: Infinity, at: [0, 0, 0] }
  })
  paints.forEach(({ K, S }, p) =>
    ratios.forEach((ratio, r) => {
      for (let passes = 1; passes <= mostPasses; passes++) {
        const mm = dryFilmUm({ kind, thinner: ratio, passes }, 'flat') / 1000
        for (let i = 0; i < BANDS; i++) writeFilm(K[i]!, S[i]!, mm, films, FILM * i)
        zones.forEach(({ to }, n) => {
          const ground = grounds[n]!
          let [X, Y, Z] = [0, 0, 0]
          for (let i = 0; i < BANDS; i++) {
            writeCoated(films, FILM * i, ground, GROUND * i, laid, 0)
            const seen = seenOver(laid)
            X += x[i]! * seen
            Y += y[i]! * seen
            Z += z[i]! * seen
          }
          writeLab(X, Y, Z, white, lab, 0)
          const off = deltaE00Of(lab[0]!, lab[1]!, lab[2]!, to.L, to.a, to.b)
          const mine = best[n]!
          if (off < mine.off) Object.assign(mine, { off, at: [p, r, passes], lab: [...lab] })
        })
      }
    }),
  )
  return best.map(({ before, off, at: [p, r, passes], ...rest }) => {
    const [L, a, b] = (rest as unknown as { lab: [number, number, number] }).lab
    return {
      paint: paints[p!]!,
      ratio: ratios[r!]!,
      passes: passes!,
      lab: { L, a, b },
      deltaE00: off,
      before,
    }
  })
}
