import type { NamedFault } from '../project/critique'
import type { Lab } from '../colour/lab'
import type { Spectrum } from '../colour/spectrum'
import { clamp } from '../numbers/clamp'
import { nelderMead } from '../numbers/nelderMead'
import { waysFor } from './faults'
import type { FaultShift } from './faults'
import { nameFault } from './nameFault'
import { apartOf, ranked, ranksOf, weightsOfRanks } from './paintedSkin'
import type { Lens, PaintedStep } from './paintedSkin'
import type { StepKey } from '../project/steps'
import { photographedAs } from './lamp'
import { RANKS } from './skinReading'
import type { SkinReading } from './skinReading'

/** A step as it is meant: what its paint sends back, and its share of the seen skin. */
export interface PlannedSkin {
  key: StepKey
  reflectance: Spectrum
  share: number
}

/** One thing that is wrong, and how far the skin is from its plan with and without it. */
export interface SkinFault {
  fault: NamedFault
  /** ΔE00 that is left over before it is taken into account, and after. */
  before: number
  after: number
  /** The steps as they seem to be painted, were this the last fault. */
  painted: PaintedStep[]
}

export interface Critique {
  /** Distance of the skin from its plan, ΔE00, root of the mean square over its steps. */
  off: number
  /** Most important first. */
  faults: SkinFault[]
  /** What the plan would look like in this photograph, step by step. */
  planned: Lab[]
  /** The steps as they seem to be painted, in it. */
  painted: PaintedStep[]
  lens: Lens
}

/** Light in a careful photograph falls this unevenly, differs so much from that on the neutral, blurs so much. */
const lensLimits = {
  uneven: [0.02, 0.3],
  gain: [-0.16, 0.16],
  soft: [0, 0.7],
  veil: [0, 0.012],
} as const
/** The gain where nothing tells of the exposure. */
const ANY_GAIN = [-3, 3] as const
const usualLens: Lens = { uneven: 0.08, gain: 0, soft: 0.3, veil: 0.002 }
/** What cannot be told from noise, uneven light and a painter's hand, ΔE00. */
const FLOOR = 0.8
/** A fault is named when it explains so much of the squared distance above the floor … */
const EXPLAINS = 0.18
/** … and each further number of it has to explain so much more. */
const PER_NUMBER = 0.05
const MOST_FAULTS = 4
/** So many ways are looked at again with the lens free. */
const MOST_AGAIN = 5

interface Fit {
  way?: FaultShift
  by: number[]
  lens: Lens
  /** Mean square of ΔE00. */
  left: number
}
interface Asked {
  target: Float64Array
  weights: Float64Array
  exposed: boolean
}

const scratch = new Float64Array(3 * RANKS)

/** How far steps seen through a lens are from a reading; an odd lens costs a little, an impossible one much. */
function cost(
  steps: readonly PaintedStep[],
  lens: Lens,
  { target, weights, exposed }: Asked,
): number {
  const within: Lens = {
    uneven: clamp(lens.uneven, lensLimits.uneven),
    gain: clamp(lens.gain, exposed ? lensLimits.gain : ANY_GAIN),
    soft: clamp(lens.soft, lensLimits.soft),
    veil: clamp(lens.veil, lensLimits.veil),
  }
  const beyond =
    Math.abs(lens.uneven - within.uneven) +
    Math.abs(lens.gain - within.gain) +
    Math.abs(lens.soft - within.soft) +
    10 * Math.abs(lens.veil - within.veil)
  const odd = (exposed ? (lens.gain / 0.06) ** 2 : 0) + (lens.veil / 0.006) ** 2
  return apartOf(ranksOf(steps, within, scratch), target, weights) + 1e4 * beyond + 0.3 * odd
}

/** A lens as numbers to be varied, and how far the first trial goes. */
const numbersOf = ({ uneven, gain, soft, veil }: Lens): number[] => [uneven, gain, soft, veil]
const lensOf = ([uneven, gain, soft, veil]: readonly number[]): Lens => ({
  uneven: uneven!,
  gain: gain!,
  soft: soft!,
  veil: veil!,
})
const FIRST = [0.05, 0.05, 0.2, 0.003]

/** The lens that explains a reading best. */
function withLens(steps: readonly PaintedStep[], asked: Asked, from: Lens): Fit {
  const { x, value } = nelderMead((by) => cost(steps, lensOf(by), asked), numbersOf(from), FIRST, {
    most: 120,
    tolerance: 1e-4,
  })
  return { by: [], lens: lensOf(x), left: value }
}

const tried = (way: FaultShift, by: readonly number[], steps: readonly PaintedStep[]) =>
  way.can(by) ? way.does(steps, by) : undefined

/** The numbers of a way that explain a reading best through a given lens, tried either way. */
function withWay(steps: readonly PaintedStep[], asked: Asked, lens: Lens, way: FaultShift): Fit {
  const off = (by: readonly number[]): number => {
    const changed = tried(way, by, steps)
    return changed ? cost(changed, lens, asked) : 1e6
  }
  const starts = [way.none, ...(way.starts ?? [])].map((by) => ({ by, off: off(by) }))
  const { by: from } = starts.reduce((best, one) => (one.off < best.off ? one : best))
  const found = [1, -1].map((sign) =>
    nelderMead(
      off,
      from,
      way.first.map((v) => sign * v),
      { most: 25 * way.none.length, tolerance: 1e-3 },
    ),
  )
  const { x, value } = found.reduce((best, one) => (one.value < best.value ? one : best))
  return { way, by: x, lens, left: value }
}

/** … with the lens free as well. */
function withBoth(steps: readonly PaintedStep[], asked: Asked, from: Fit): Fit {
  const way = from.way!
  const { x, value } = nelderMead(
    (all) => {
      const changed = tried(way, all.slice(FIRST.length), steps)
      return changed ? cost(changed, lensOf(all), asked) : 1e6
    },
    [...numbersOf(from.lens), ...from.by],
    [...FIRST, ...way.first.map((v) => v / 4)],
    { most: 160, tolerance: 1e-4 },
  )
  return { way, by: x.slice(FIRST.length), lens: lensOf(x), left: value }
}

/**
 * What is wrong with a painted skin, most important first: of all ways a skin may differ from its plan, the one that
 * alone explains most of how the photograph does; then what explains most of the rest. Uneven light and exposure are
 * explained first.
 * @param plan the steps dark to light, as they should look.
 * @example critique(puddles, reading).faults[0].fault.key // "flat"
 */
export function critique(plan: readonly PlannedSkin[], reading: SkinReading): Critique {
  const steps = plan.map(({ key, reflectance, share }) => ({
    key,
    share,
    lab: photographedAs(reflectance, reading.lamp),
  }))
  const asked: Asked = {
    target: ranked(reading.ranks),
    weights: weightsOfRanks(steps),
    exposed: reading.exposed,
  }
  const gain = reading.exposed ? 0 : startGain(steps, reading)
  let painted: PaintedStep[] = steps
  let at = withLens(painted, asked, { ...usualLens, gain })
  const off = Math.sqrt(at.left)
  const faults: SkinFault[] = []
  let ways = waysFor(steps, reading.exposed)
  const worth = (fit: Fit): number => (at.left - fit.left) / at.left - PER_NUMBER * fit.by.length
  for (let round = 0; round < MOST_FAULTS && at.left > FLOOR ** 2; round++) {
    const first = ways.map((way) => withWay(painted, asked, at.lens, way))
    first.sort((one, other) => worth(other) - worth(one))
    const again = first.slice(0, MOST_AGAIN).map((fit) => withBoth(painted, asked, fit))
    const best = again.reduce((one, other) => (worth(other) > worth(one) ? other : one))
    if (worth(best) < EXPLAINS || at.left - best.left < FLOOR ** 2) break
    const { way, by } = best
    const after = way!.does(painted, by)
    const fault = nameFault({ key: way!.key, step: way!.step, by }, painted, after)
    painted = after
    if (fault)
      faults.push({
        fault,
        before: Math.sqrt(at.left),
        after: Math.sqrt(best.left),
        painted,
      })
    ways = ways.filter((one) => one !== way)
    at = best
  }
  return { off, faults, planned: steps.map(({ lab }) => lab), painted, lens: at.lens }
}

/** The middle of the photograph is taken for the middle of the plan when nothing tells its exposure. */
function startGain(steps: readonly PaintedStep[], { ranks }: SkinReading): number {
  const planned = steps.reduce((sum, { lab, share }) => sum + lab.L * share, 0)
  const seen = ranks.reduce((sum, { L }) => sum + L, 0) / ranks.length
  return 3 * Math.log((seen + 16) / (planned + 16))
}
