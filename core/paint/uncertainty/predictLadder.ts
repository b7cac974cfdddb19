import type { Mixture } from '../mixture'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { normals, seeded } from '../../numbers/seeded'
import { MixEvaluator } from '../mixEvaluator'
import { mixPaints } from '../mix'
import type { Part } from '../mix'
import { opaqueReflectance } from '../opaque'
import type { Paint } from '../paint'
import { drawn, STARTER_SPREAD } from './spread'

/** A ladder as it will look, and two kinds of doubt that differ: where it lies, and how well its gaps hold. */
export interface PredictedLadder {
  labs: Lab[]
  /** Two in three real ladders lie this near as a whole, ΔE00. */
  whole: number
  /** Between neighbours, ΔE00: the gap that is predicted, and what two in three real ones differ from it by at most. */
  gaps: { deltaE00: number; within: number }[]
}

/** Two in three: a standard deviation's share of a normal distribution. */
const SHARE = 0.6827
/** So many boxes are drawn; a quantile of them is told to about a twentieth. */
const BOXES = 128

const draws = new WeakMap<Paint, readonly Mixture[]>()

/** The same paint as it may really be, always the same draws of it; every paint has chance of its own. */
function drawsOf(paint: Paint): readonly Mixture[] {
  const known = draws.get(paint)
  if (known) return known
  let seed = 7
  for (const letter of paint.id) seed = (Math.imul(seed, 31) + letter.codePointAt(0)!) | 0
  const normal = normals(seeded(seed))
  const { K, S } = paint
  const made = Array.from({ length: BOXES }, () =>
    drawn({ K, S }, paint.spread ?? STARTER_SPREAD, normal),
  )
  draws.set(paint, made)
  return made
}

const quantile = (values: number[]): number =>
  values.sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(SHARE * values.length))]!

/**
 * Colours of a ladder's mixes with their doubt. Each paint is drawn once for the whole ladder, so that steps which
 * share paints move together: their gaps are far surer than where they lie.
 * @param steps the mixes, neighbours in order; none is empty.
 * @example predictLadder([[{ paint: ochre, drops: 1 }], [{ paint: ochre, drops: 1 }, { paint: white, drops: 1 }]]).gaps.length // 1
 */
export function predictLadder(steps: readonly (readonly Part<Paint>[])[]): PredictedLadder {
  const labs = steps.map((parts) => labOf(opaqueReflectance(mixPaints(parts))))
  const paints = [...new Set(steps.flatMap((parts) => parts.map(({ paint }) => paint)))]
  const places = steps.map((parts) => parts.map(({ paint }) => paints.indexOf(paint)))
  const drops = steps.map((parts) => parts.map((part) => part.drops))
  const gapsOf = (list: readonly Lab[]): number[] =>
    list.slice(1).map((lab, i) => deltaE00(list[i]!, lab))
  const gaps = gapsOf(labs)
  const out = new Float64Array(3)
  const whole: number[] = []
  const off = gaps.map((): number[] => [])
  for (let box = 0; box < BOXES; box++) {
    const evaluator = new MixEvaluator(paints.map((paint) => drawsOf(paint)[box]!))
    const real = labs.map(({ white }, s): Lab => {
      evaluator.writeLab(places[s]!, drops[s]!, places[s]!.length, out, 0)
      return { L: out[0]!, a: out[1]!, b: out[2]!, white }
    })
    gapsOf(real).forEach((gap, i) => off[i]!.push(Math.abs(gap - gaps[i]!)))
    whole.push(lies(labs, real))
  }
  return {
    labs,
    whole: quantile(whole),
    gaps: gaps.map((deltaE00, i) => ({ deltaE00, within: quantile(off[i]!) })),
  }
}

/** How far one ladder lies from another as a whole: its middle step, moved by the mean of what all steps moved by. */
function lies(labs: readonly Lab[], real: readonly Lab[]): number {
  const by = (axis: 'L' | 'a' | 'b'): number =>
    labs.reduce((sum, lab, s) => sum + real[s]![axis] - lab[axis], 0) / labs.length
  const middle = labs[labs.length >> 1]!
  const there = { L: middle.L + by('L'), a: middle.a + by('a'), b: middle.b + by('b') }
  return deltaE00(middle, there)
}
