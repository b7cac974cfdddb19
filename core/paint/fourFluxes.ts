import { inside, K1, K2 } from './surface'

/**
 * Light under a paint surface is not diffuse: what came in from air runs within the cone that also lets it out,
 * only what was scattered fills the rest. So paint is computed with two streams down and two up, one within the
 * cone and one outside it (discrete ordinates with two half-ranges; four streams as in Liou 1974, J. Atmos. Sci.
 * 31, 1473). Two diffuse fluxes make a glaze move its ground a third too far.
 *
 * What lies under the surface is known by what each stream down becomes in each stream up, as radiance: four
 * numbers a band, r11, r12, r21, r22. A film has four more for what it lets through.
 */
export const GROUND = 4
export const FILM = 8

/** The refractive index of a binder (published for acrylics and oils alike). */
const INDEX = 1.5
/** Cosine at which light inside is turned back wholly. */
const EDGE = Math.sqrt(1 - 1 / INDEX ** 2)
/** Of each stream, within the cone and outside it: mean cosine, width, share of an evenly scattered flux. */
const [M1, M2] = [(1 + EDGE) / 2, EDGE / 2]
const [W1, W2] = [1 - EDGE, EDGE]
const [E1, E2] = [1 - EDGE ** 2, EDGE ** 2]
/** The surface turns back all of the second stream, and so much of the first that of both it turns back K2. */
const TURNED = (K2 - E2) / E1
/** What comes in of the light outside, as radiance of the first stream, and what goes out of it, as light outside. */
const IN = (1 - K1) / E1
const OUT = E1 * (1 - TURNED)

/** Reflectance seen outside over what lies under the surface. */
export function seenOver(ground: Float64Array, at = 0): number {
  const [r11, r12, r21, r22] = [ground[at]!, ground[at + 1]!, ground[at + 2]!, ground[at + 3]!]
  const n11 = 1 - r11 * TURNED
  const n22 = 1 - r22
  return (OUT * IN * (n22 * r11 + r12 * r21)) / (n11 * n22 - r12 * r21 * TURNED)
}

/** A film over a ground as a new ground (the adding of layers, van de Hulst 1963); both arrays may be the same. */
export function writeCoated(
  film: Float64Array,
  filmAt: number,
  ground: Float64Array,
  groundAt: number,
  into: Float64Array,
  at: number,
): void {
  const r11 = film[filmAt]!
  const r12 = film[filmAt + 1]!
  const r21 = film[filmAt + 2]!
  const r22 = film[filmAt + 3]!
  const l11 = film[filmAt + 4]!
  const l12 = film[filmAt + 5]!
  const l21 = film[filmAt + 6]!
  const l22 = film[filmAt + 7]!
  const g11 = ground[groundAt]!
  const g12 = ground[groundAt + 1]!
  const g21 = ground[groundAt + 2]!
  const g22 = ground[groundAt + 3]!
  // Down to the ground: (1 − rG)⁻¹ l.
  const n11 = 1 - (r11 * g11 + r12 * g21)
  const n12 = -(r11 * g12 + r12 * g22)
  const n21 = -(r21 * g11 + r22 * g21)
  const n22 = 1 - (r21 * g12 + r22 * g22)
  const det = n11 * n22 - n12 * n21
  const d11 = (n22 * l11 - n12 * l21) / det
  const d12 = (n22 * l12 - n12 * l22) / det
  const d21 = (n11 * l21 - n21 * l11) / det
  const d22 = (n11 * l22 - n21 * l12) / det
  const u11 = g11 * d11 + g12 * d21
  const u12 = g11 * d12 + g12 * d22
  const u21 = g21 * d11 + g22 * d21
  const u22 = g21 * d12 + g22 * d22
  into[at] = r11 + l11 * u11 + l12 * u21
  into[at + 1] = r12 + l11 * u12 + l12 * u22
  into[at + 2] = r21 + l21 * u11 + l22 * u21
  into[at + 3] = r22 + l21 * u12 + l22 * u22
}

/** Streams through a film of absorption µa and scattering µs, mm⁻¹, alike in all directions; endless when Infinity. */
function writeStreams(
  absorbs: number,
  scatters: number,
  mm: number,
  into: Float64Array,
  at: number,
): void {
  const lost = absorbs + scatters
  const albedo = scatters / lost
  const t1 = (lost / M1) ** 2
  const t2 = (lost / M2) ** 2
  // s″ = Γs for the sum of both ways; their difference is f = −M s′/µ.
  const g11 = t1 * (1 - albedo * W1)
  const g12 = -t1 * albedo * W2
  const g21 = -t2 * albedo * W1
  const g22 = t2 * (1 - albedo * W2)
  const high = (g11 + g22) / 2 + Math.sqrt(((g11 - g22) / 2) ** 2 + g12 * g21)
  const low = (t1 * t2 * (absorbs / lost)) / high
  const rootHigh = Math.sqrt(high)
  const rootLow = Math.sqrt(low)
  const tanhHigh = mm === Infinity ? 1 : Math.tanh((rootHigh * mm) / 2)
  const tanhLow = mm === Infinity ? 1 : Math.tanh((rootLow * mm) / 2)
  // f = A s at a face, for light that falls on both faces alike (tanh), and with opposite sign (coth).
  const evenHigh = rootHigh * tanhHigh
  const evenLow = rootLow * tanhLow
  const oddHigh = rootHigh / tanhHigh
  const oddLow = rootLow * mm < 1e-7 ? 2 / mm : rootLow / tanhLow
  const even1 = (evenHigh - evenLow) / (high - low)
  const even0 = evenHigh - even1 * high
  const odd1 = (oddHigh - oddLow) / (high - low)
  const odd0 = oddHigh - odd1 * high
  const n1 = M1 / lost
  const n2 = M2 / lost
  const a11 = 1 + n1 * (even0 + even1 * g11)
  const a12 = n1 * even1 * g12
  const a21 = n2 * even1 * g21
  const a22 = 1 + n2 * (even0 + even1 * g22)
  const b11 = 1 + n1 * (odd0 + odd1 * g11)
  const b12 = n1 * odd1 * g12
  const b21 = n2 * odd1 * g21
  const b22 = 1 + n2 * (odd0 + odd1 * g22)
  // Reflected and let through are sum and difference of (1 + A)⁻¹ and (1 + B)⁻¹.
  const detA = a11 * a22 - a12 * a21
  const detB = b11 * b22 - b12 * b21
  into[at] = a22 / detA + b22 / detB - 1
  into[at + 1] = -a12 / detA - b12 / detB
  into[at + 2] = -a21 / detA - b21 / detB
  into[at + 3] = a11 / detA + b11 / detB - 1
  if (mm === Infinity) return
  into[at + 4] = a22 / detA - b22 / detB
  into[at + 5] = -a12 / detA + b12 / detB
  into[at + 6] = -a21 / detA + b21 / detB
  into[at + 7] = a11 / detA - b11 / detB
}

/** The table below: ln(K/S) at which it begins, its step, its length. */
const FROM = -14
const STEP = 0.02
const LENGTH = 1200

/**
 * K/S over µa/µs by which four streams and two fluxes see the same opaque paint, against ln(K/S): 2.4 where
 * hardly anything is taken in, 3.7 where nearly all is. Made once, when it is first asked for.
 */
function tabulated(): Float64Array {
  const table = new Float64Array(LENGTH)
  const ground = new Float64Array(GROUND)
  let from: [number, number] | undefined
  let at = 0
  for (let x = -16; x <= 10 && at < LENGTH; x += STEP / 2) {
    writeStreams(Math.exp(x), 1, Infinity, ground, 0)
    const r = inside(seenOver(ground))
    const q = (1 - r) ** 2 / (2 * r)
    const to: [number, number] = [Math.log(q), q / Math.exp(x)]
    const [low, ratio] = from ?? to
    for (; at < LENGTH && FROM + at * STEP <= to[0]; at++) {
      const share = to[0] > low ? (FROM + at * STEP - low) / (to[0] - low) : 0
      table[at] = ratio + share * (to[1] - ratio)
    }
    from = to
  }
  return table.fill(from![1], at)
}

let ratios: Float64Array | undefined

function ratioAt(q: number): number {
  ratios ??= tabulated()
  const place = Math.min(LENGTH - 1.001, Math.max(0, (Math.log(q) - FROM) / STEP))
  const cell = Math.floor(place)
  return ratios[cell]! + (place - cell) * (ratios[cell + 1]! - ratios[cell]!)
}

/** Of so little optical thickness a film does nothing. */
const CLEAR = 1e-12

/**
 * A film of a paint of K and S, mm⁻¹: K = 2µa as in diffuse light, and µs such that the opaque paint looks as K/S
 * says.
 * @param mm thickness, above 0 and not endless.
 */
export function writeFilm(K: number, S: number, mm: number, into: Float64Array, at = 0): void {
  if ((K + S) * mm > CLEAR) writeStreams(K / 2, S > 0 ? (S * ratioAt(K / S)) / 2 : 0, mm, into, at)
  else {
    into.fill(0, at, at + FILM)
    into[at + 4] = into[at + 7] = 1
  }
}

/** Darker than this below the surface, nothing comes back. */
const BLACK = 1e-9

/** An opaque paint that is seen as this reflectance, as a ground. */
export function writeOpaque(seen: number, into: Float64Array, at = 0): void {
  const r = Math.min(1 - 1e-9, inside(seen))
  if (r < BLACK) return void into.fill(0, at, at + GROUND)
  const q = (1 - r) ** 2 / (2 * r)
  writeStreams(q / ratioAt(q), 1, Infinity, into, at)
}
