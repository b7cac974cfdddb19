import type { Mixture } from '../mixture'
import { BANDS } from '../../colour/spectrum'
import type { Spectrum } from '../../colour/spectrum'
import { FILM, GROUND, seenOver, writeCoated, writeFilm, writeOpaque } from '../fourFluxes'
import { infiniteReflectance } from '../opaque'
import { outside } from '../surface'
import type { Swatch } from './swatch'

/** What a swatch would read, at one band, of a paint of K/S = e^u and S = e^v. */
export function modelOf(swatch: Swatch): (band: number, u: number, v: number) => number {
  if (swatch.kind === 'masstone') return (_, u) => outside(infiniteReflectance(Math.exp(u), 1))
  if (swatch.kind === 'tint') {
    const { share, white } = swatch
    return (i, u, v) => {
      const S = share * Math.exp(v) + (1 - share) * white.S[i]!
      const K = share * Math.exp(u + v) + (1 - share) * white.K[i]!
      return outside(infiniteReflectance(K, S))
    }
  }
  const X = swatch.thicknessUm / 1000
  const grounds = new Float64Array(GROUND * BANDS)
  swatch.over.forEach((r, i) => writeOpaque(r, grounds, GROUND * i))
  const film = new Float64Array(FILM)
  const laid = new Float64Array(GROUND)
  return (i, u, v) => {
    writeFilm(Math.exp(u + v), Math.exp(v), X, film)
    writeCoated(film, 0, grounds, GROUND * i, laid, 0)
    return seenOver(laid)
  }
}

/**
 * The painter's white is not quite the one that is told: its K and S are off by so much, in logarithms, and the edge
 * of what it takes in lies a few nanometres off, as a share of a band (from our trials).
 */
const WHITE = { K: 0.3, S: 0.1, edge: 0.4 }

/** What another white would do to a swatch, one standard deviation, band by band; nothing where there is no white. */
export function whiteDoubt(swatch: Swatch, x: Float64Array): Spectrum {
  if (swatch.kind !== 'tint') return new Float64Array(BANDS)
  const { K, S } = swatch.white
  const at = (white: Mixture): ((i: number) => number) => {
    const model = modelOf({ ...swatch, white })
    return (i) => model(i, x[i]!, x[BANDS + i]!)
  }
  const others = [
    { K: K.map((k) => k * Math.exp(WHITE.K)), S },
    { K, S: S.map((s) => s * Math.exp(WHITE.S)) },
    { K: K.map((k, i) => k + WHITE.edge * Math.abs((K[i - 1] ?? k) - k)), S },
  ].map(at)
  const told = at(swatch.white)
  return Float64Array.from({ length: BANDS }, (_, i) =>
    Math.hypot(...others.map((other) => other(i) - told(i))),
  )
}
