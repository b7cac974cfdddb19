import type { Mixture, Spectrum } from '../../core'

/**
 * Light in layers of paint by adding and doubling (van de Hulst 1963; Prahl, van Gemert & Welch 1993, Appl. Opt. 32,
 * 559), with Fresnel surfaces of index 1.5 and light scattered forward (Henyey & Greenstein 1941). Light comes in
 * near the normal and all that comes out is gathered, specular excluded. Nothing of the application is in it but the
 * meaning of K and S: K is twice µa, and µs such that the opaque paint looks as its K/S says.
 */

const INDEX = 1.5
const FORWARD = 0.5
const EDGE = Math.sqrt(1 - 1 / INDEX ** 2)
const K1 = ((INDEX - 1) / (INDEX + 1)) ** 2

/** Gauss–Legendre nodes of three points within (from, to). */
const gauss = (from: number, to: number): [number, number][] =>
  [
    [-Math.sqrt(0.6), 5 / 9],
    [0, 8 / 9],
    [Math.sqrt(0.6), 5 / 9],
  ].map(([x, w]) => [from + ((x! + 1) / 2) * (to - from), (w! / 2) * (to - from)])

/** Directions: outside the cone of the surface, within it, and the one from which light comes, of no width. */
const nodes: [number, number][] = [...gauss(0, EDGE), ...gauss(EDGE, 1), [0.995, 0]]
const n = nodes.length
const mu = nodes.map(([m]) => m)
const width = nodes.map(([, w]) => w)

type Matrix = Float64Array
const matrix = (at: (row: number, column: number) => number): Matrix =>
  Float64Array.from({ length: n * n }, (_, i) => at(Math.floor(i / n), i % n))
const one = matrix((i, j) => (i === j ? 1 : 0))
const plus = (a: Matrix, b: Matrix, times = 1): Matrix => a.map((v, i) => v + times * b[i]!)
function by(a: Matrix, b: Matrix): Matrix {
  const c = new Float64Array(n * n)
  for (let i = 0; i < n; i++)
    for (let k = 0; k < n; k++) {
      const v = a[i * n + k]!
      for (let j = 0; j < n; j++) c[i * n + j]! += v * b[k * n + j]!
    }
  return c
}
/** Gauss–Jordan; what is turned round here is close to one. */
function inverse(of: Matrix): Matrix {
  const a = of.slice()
  const b = one.slice()
  for (let c = 0; c < n; c++) {
    const pivot = a[c * n + c]!
    for (let j = 0; j < n; j++) {
      a[c * n + j]! /= pivot
      b[c * n + j]! /= pivot
    }
    for (let i = 0; i < n; i++) {
      const f = a[i * n + c]!
      if (i === c || f === 0) continue
      for (let j = 0; j < n; j++) {
        a[i * n + j]! -= f * a[c * n + j]!
        b[i * n + j]! -= f * b[c * n + j]!
      }
    }
  }
  return b
}

/** The phase function averaged round the normal, made to lose nothing. */
function phase(sign: 1 | -1): Matrix {
  const turns = 48
  return matrix((i, j) => {
    let sum = 0
    for (let t = 0; t < turns; t++) {
      const c =
        sign * mu[i]! * mu[j]! +
        Math.sqrt((1 - mu[i]! ** 2) * (1 - mu[j]! ** 2)) * Math.cos(((t + 0.5) / turns) * Math.PI)
      sum += (1 - FORWARD ** 2) / (1 + FORWARD ** 2 - 2 * FORWARD * c) ** 1.5
    }
    return sum / turns
  })
}
const phases = [phase(1), phase(-1)] as const
for (let round = 0; round < 8; round++) {
  const kept = mu.map((_, i) =>
    mu.reduce(
      (sum, __, j) => sum + ((phases[0][i * n + j]! + phases[1][i * n + j]!) / 2) * width[j]!,
      0,
    ),
  )
  for (const p of phases)
    p.forEach((v, i) => (p[i] = v / Math.sqrt(kept[Math.floor(i / n)]! * kept[i % n]!)))
}

interface Layer {
  R: Matrix
  T: Matrix
}

/** A layer of an optical thickness, from one so thin that light meets it once. */
function layer(thickness: number, albedo: number): Layer {
  const times = Math.max(0, Math.ceil(Math.log2(thickness / 0.004)))
  const d = thickness / 2 ** times
  const onward = matrix(
    (i, j) =>
      ((i === j ? 1 : 0) - (albedo / 2) * phases[0][i * n + j]! * width[j]!) * (d / 2 / mu[i]!),
  )
  const backward = matrix(
    (i, j) => (albedo / 2) * phases[1][i * n + j]! * width[j]! * (d / 2 / mu[i]!),
  )
  const damped = inverse(plus(one, onward))
  const both = inverse(plus(plus(one, onward), by(backward, by(damped, backward)), -1))
  let R: Matrix = by(both, by(backward, damped)).map((v) => 2 * v)
  let T: Matrix = plus(
    both.map((v) => 2 * v),
    one,
    -1,
  )
  for (let k = 0; k < times; k++) {
    const between = by(T, inverse(plus(one, by(R, R), -1)))
    ;[R, T] = [plus(R, by(between, by(R, T))), by(between, T)]
  }
  return { R, T }
}

/** A layer over what is below it. */
const over = ({ R, T }: Layer, ground: Matrix): Matrix =>
  plus(R, by(T, by(ground, by(inverse(plus(one, by(R, ground), -1)), T))))

/** Fresnel reflectance of the surface from inside, unpolarised. */
const turned = mu.map((m) => {
  const s = INDEX ** 2 * (1 - m * m)
  if (s >= 1) return 1
  const t = Math.sqrt(1 - s)
  return (((INDEX * m - t) / (INDEX * m + t)) ** 2 + ((INDEX * t - m) / (INDEX * t + m)) ** 2) / 2
})

/** A beam needs a width to be scattered from; it has next to none. */
const BEAM = 1e-9
width[n - 1] = BEAM

/** What is gathered outside over what lies under the surface, of light that comes in as the beam. */
function measured(ground: Matrix): number {
  const flux = 2 * mu[n - 1]! * BEAM
  const first = mu.map((_, i) => (ground[i * n + n - 1]! / flux) * (1 - K1))
  const solved = inverse(
    plus(
      one,
      matrix((i, j) => ground[i * n + j]! * turned[j]!),
      -1,
    ),
  )
  return mu.reduce((sum, m, i) => {
    const up = first.reduce((all, v, j) => all + solved[i * n + j]! * v, 0)
    return sum + 2 * m * width[i]! * (1 - turned[i]!) * up
  }, 0)
}

/** Reflectance measured of opaque paints, by the share that is taken in at each meeting, in steps of a twelfth in ln. */
const lows = Array.from({ length: 200 }, (_, i) => -11.5 + i / 12)
let opaques: number[] | undefined
const albedoOf = (lnLost: number): number => 1 / (1 + Math.exp(lnLost))
const endless = (albedo: number): Matrix => layer(albedo > 0.99 ? 30_000 : 1_000, albedo).R

/** ln(µa/µs) of the opaque paint that is measured so. */
function lostFor(reflectance: number): number {
  opaques ??= lows.map((x) => measured(endless(albedoOf(x))))
  const at = opaques.findIndex((r) => r <= reflectance)
  if (at <= 0) return at < 0 ? lows.at(-1)! : lows[0]!
  const share = (opaques[at - 1]! - reflectance) / (opaques[at - 1]! - opaques[at]!)
  return lows[at - 1]! + share * (lows[at]! - lows[at - 1]!)
}

/** What an opaque paint of K/S measures (Kubelka & Munk 1931, Saunderson 1942, k1 0.04, k2 0.6). */
function measuredOf(K: number, S: number): number {
  const q = K / S
  const inner = 1 + q - Math.sqrt(q * q + 2 * q)
  return ((1 - 0.04) * (1 - 0.6) * inner) / (1 - 0.6 * inner)
}

export interface Laid {
  paint: Mixture
  thicknessUm: number
}

/** Opaque paints as grounds, band by band. */
export const exactGround = (seen: Spectrum): Matrix[] =>
  Array.from(seen, (r) => endless(albedoOf(lostFor(r))))

/**
 * What coats over opaque paints measure, 36 values 0–1 for every ground.
 * @example exactCoats([{ paint: ochre, thicknessUm: 1 }], [exactGround(flatSpectrum(0.5))])[0]
 */
export function exactCoats(coats: readonly Laid[], grounds: readonly Matrix[][]): Spectrum[] {
  const ends = grounds.map(() => new Float64Array(36))
  for (let i = 0; i < 36; i++) {
    const layers = coats.map(({ paint, thicknessUm }) => {
      const lost = Math.exp(lostFor(measuredOf(paint.K[i]!, paint.S[i]!)))
      const absorbs = (paint.K[i]! / 2) * (thicknessUm / 1000)
      // Scattered forward, more of it is needed to turn light back.
      return layer(absorbs + absorbs / lost, 1 / (1 + lost))
    })
    grounds.forEach((ground, g) => {
      ends[g]![i] = measured(layers.reduce((below, coat) => over(coat, below), ground[i]!))
    })
  }
  return ends
}
