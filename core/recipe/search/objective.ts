import type { Turn } from './turn'
import type { Mixture } from '../../paint/mixture'
import { deltaE00Of } from '../../colour/deltaE00'
import { labOf, writeLab, xyzOfLab } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { BANDS } from '../../colour/spectrum'
import { weightsOf } from '../../colour/weights'
import type { Weights } from '../../colour/weights'
import type { Illuminant, Observer, XYZ } from '../../colour/white'
import { K1, K2 } from '../../paint/surface'
import { targetLab } from '../recipe'
import type { RecipeRequest } from '../recipe'
import { boundsRound } from './aim'
import { boxAxes, weightsAlong } from './faces'
import type { Bounds, TargetBox } from './targetBox'

/** What a search makes small, and what part of the tristimulus values a score leaves. */
export interface Objective {
  /** The bench light: the box and the Lab of recipes are under it. */
  weights: Weights
  /** What holds every mix with such a score; more closely when the best mix so far is told. */
  bounds(score: number, best?: Lab): Bounds
  turn: Turn
  /** The colour that a score is the difference from at least, where it is one. */
  target?: Lab
  /** Score of a mix from its X, Y, Z alone, or what it is at least. */
  rough(X: number, Y: number, Z: number): number
  /** Score of a mix; its Lab under the bench light is left in `lab`. */
  score(members: ArrayLike<number>, drops: ArrayLike<number>, count: number): number
  lab: Float64Array
}

/** Reflectance of mixes, their K and S summed drop by drop exactly as the plain enumeration does. */
class Reflector {
  readonly R = new Float64Array(BANDS)
  private readonly K = new Float64Array(BANDS)
  private readonly S = new Float64Array(BANDS)
  private readonly Ss: Float64Array[]
  constructor(private readonly paints: readonly Mixture[]) {
    this.Ss = paints.map(({ S }) => S.map((s) => Math.max(s, 1e-12)))
  }
  mix(members: ArrayLike<number>, drops: ArrayLike<number>, count: number): Float64Array {
    const { K, S, R } = this
    const enters = (1 - K1) * (1 - K2)
    const leaves = 1 - K2
    const bands = BANDS
    K.fill(0)
    S.fill(0)
    for (let m = 0; m < count; m++) {
      const k = this.paints[members[m]!]!.K
      const s = this.Ss[members[m]!]!
      for (let d = 0; d < drops[m]!; d++)
        for (let i = 0; i < bands; i++) {
          K[i]! += k[i]!
          S[i]! += s[i]!
        }
    }
    for (let i = 0; i < bands; i++) {
      const k = K[i]!
      const s = S[i]!
      R[i] = (enters * s) / (leaves * s + k + Math.sqrt(k * (k + 2 * s)))
    }
    return R
  }
}

function xyzInto(R: Float64Array, { x, y, z, white }: Weights, out: Float64Array): void {
  let X = 0
  let Y = 0
  let Z = 0
  for (let i = 0; i < R.length; i++) {
    const r = R[i]!
    X += x[i]! * r
    Y += y[i]! * r
    Z += z[i]! * r
  }
  writeLab(X, Y, Z, white, out, 0)
}

/** ΔE00 under the bench light, or the worst over it and other lights. */
export function colourObjective(
  request: RecipeRequest,
  others: readonly Illuminant[] = [],
): Objective {
  const weights = weightsOf(request.illuminant, request.observer)
  const target = targetLab(request)
  const reflector = new Reflector(request.paints)
  const lab = new Float64Array(3)
  const seen = new Float64Array(3)
  const lights = others.map((illuminant) => lightTarget(request, illuminant))
  const [X, Y, Z] = xyzOfLab(target, weights.white)
  const turn: Turn = [X / Math.max(1e-6, Y), Z / Math.max(1e-6, Y)]
  return {
    weights,
    lab,
    turn,
    target,
    rough(X, Y, Z) {
      writeLab(X, Y, Z, weights.white, seen, 0)
      return deltaE00Of(seen[0]!, seen[1]!, seen[2]!, target.L, target.a, target.b)
    },
    bounds: boundsRound(target, turn, weights, request.paints),
    score(members, drops, count) {
      const R = reflector.mix(members, drops, count)
      xyzInto(R, weights, lab)
      let worst = deltaE00Of(lab[0]!, lab[1]!, lab[2]!, target.L, target.a, target.b)
      for (const { weights: light, target: aim } of lights) {
        xyzInto(R, light, seen)
        worst = Math.max(worst, deltaE00Of(seen[0]!, seen[1]!, seen[2]!, aim.L, aim.a, aim.b))
      }
      return worst
    },
  }
}

/** The target under another light: only a reflectance says what it is there. */
function lightTarget(
  { target, observer }: RecipeRequest,
  illuminant: Illuminant,
): { weights: Weights; target: Lab } {
  if ('L' in target)
    throw new TypeError(
      'a match over several lights needs the reflectance of the target, not a colour',
    )
  const options = { illuminant, observer: observer as Observer | undefined }
  return { weights: weightsOf(illuminant, observer), target: labOf(target, options) }
}

/**
 * Root mean square of the difference in reflectance, in percent. By Cauchy and Schwarz a score of s holds
 * |ΔX| within ‖w‖·√36·s/100, which is the box.
 */
export function spectralObjective(request: RecipeRequest): Objective {
  const { target } = request
  if ('L' in target) throw new TypeError('a whole reflectance is needed to match it, not a colour')
  const weights = weightsOf(request.illuminant, request.observer)
  const reflector = new Reflector(request.paints)
  const lab = new Float64Array(3)
  const aimOf = (w: Float64Array): number => w.reduce((sum, v, i) => sum + v * target[i]!, 0)
  const [X, Y, Z] = [weights.x, weights.y, weights.z].map(aimOf) as XYZ
  const turn: Turn = [X / Math.max(1e-6, Y), Z / Math.max(1e-6, Y)]
  const axes = boxAxes(turn).map((axis) => {
    const w = weightsAlong(axis, weights)
    const norm = Math.sqrt(w.reduce((sum, v) => sum + v * v, 0)) * Math.sqrt(BANDS)
    return { aim: aimOf(w), norm }
  })
  return {
    weights,
    lab,
    turn,
    rough: () => 0,
    bounds: (score) => ({
      box: axes.flatMap(({ aim, norm }) => {
        const reach = (norm * score) / 100
        return [aim - reach, aim + reach]
      }) as TargetBox,
      across: [],
    }),
    score(members, drops, count) {
      const R = reflector.mix(members, drops, count)
      xyzInto(R, weights, lab)
      let sum = 0
      for (let i = 0; i < BANDS; i++) sum += (R[i]! - target[i]!) ** 2
      return 100 * Math.sqrt(sum / BANDS)
    },
  }
}
