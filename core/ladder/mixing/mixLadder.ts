import { deltaE00 } from '../../colour/deltaE00'
import type { Lab } from '../../colour/lab'
import type { Paint } from '../../paint/paint'
import { pouredMix } from '../../recipe/advice/touches'
import { boughtProgression } from './bought'
import { familyRecipe, MOST_OF_A_MIX } from './family'
import { jointPaints, MOST_JOINT } from './jointPaints'
import { runToward } from './run'
import { inPuddles } from './inPuddles'
import type { MixedLadder, MixedStep, MixRequest } from './mixing'
import type { Run } from './run'

/** At most 24 paints, those that are used most when every step is mixed on its own. */
function shortlisted({ targets, paints, closest }: MixRequest): readonly Paint[] {
  if (paints.length <= MOST_JOINT) return paints
  const uses = new Map<string, number>()
  let left = paints
  // Again and again without what was used, so that stand-ins come in too.
  while (uses.size < MOST_JOINT) {
    for (const { parts } of closest(targets, left))
      for (const { paint } of parts) uses.set(paint.id, (uses.get(paint.id) ?? 0) + 1)
    left = left.filter(({ id }) => !uses.has(id))
    if (left.length === 0) break
  }
  const ranked = [...uses].sort((a, b) => b[1] - a[1]).slice(0, MOST_JOINT)
  const kept = new Set(ranked.map(([id]) => id))
  return paints.filter(({ id }) => kept.has(id))
}

function matched(request: MixRequest, mostBottles?: number, family = 0): MixedLadder {
  const { targets, maxPaints, maxDrops, closest, patience } = request
  const few = mostBottles === undefined || mostBottles >= request.paints.length
  const from = few ? request.paints : shortlisted(request)
  const joint = few
    ? undefined
    : jointPaints({ targets, paints: from, bottles: mostBottles, maxPaints, maxDrops })
  const paints = joint?.paints ?? request.paints
  const steps = closest(targets, paints)
  if (family > 0) {
    const base = steps[request.base]!.parts
    const until = patience.now() + patience.ms
    targets.forEach((target, i) => {
      if (i === request.base) return
      const share = { target, paints, base, share: family, maxPaints, maxDrops }
      const { ofBase, ...found } = familyRecipe(share, { until: until + i * 50, now: patience.now })
      steps[i] = { ...found, poured: [{ step: request.base, drops: ofBase }] }
    })
  }
  return {
    steps,
    ...(joint
      ? {
          note: {
            way: 'matched',
            opened: joint.paints.length,
            mean: joint.mean,
            all: from.length === request.paints.length,
          },
        }
      : {}),
  }
}

const meanOff = ({ steps }: Run, targets: readonly Lab[]): number =>
  steps.reduce((sum, { lab }, i) => sum + deltaE00(lab, targets[i]!), 0) / steps.length

/** A run's worth: the steps near their targets, and even. */
const worth = (run: Run, targets: readonly Lab[]): number =>
  meanOff(run, targets) + run.gap * run.uneven

function run(request: MixRequest, light?: string, shade?: string): MixedLadder {
  const { targets, base, paints, maxDrops, closest } = request
  const baseMix = closest([targets[base]!], paints)[0]!
  const mixture = pouredMix(baseMix.parts)
  const gaps = targets.slice(1).map((target, i) => deltaE00(targets[i]!, target))
  const gap = gaps.reduce((sum, one) => sum + one, 0) / gaps.length
  const toward = (
    aims: readonly Lab[],
    wanted?: string,
  ): { paint: Paint; run: Run } | undefined => {
    if (aims.length === 0) return undefined
    const tries = paints.filter(({ id }) => wanted === undefined || id === wanted)
    if (tries.length === 0)
      throw new RangeError(`the run goes toward "${wanted}", which is not in the plan`)
    let best: { paint: Paint; run: Run; worth: number } | undefined
    for (const paint of tries) {
      const found = runToward(mixture, paint, {
        steps: aims.length,
        maxDrops,
        gap,
        most: MOST_OF_A_MIX,
      })
      const value = worth(found, aims)
      if (!best || value < best.worth) best = { paint, run: found, worth: value }
    }
    return best
  }
  const up = toward(targets.slice(base + 1), light)
  const down = toward([...targets.slice(0, base)].reverse(), shade)
  const stepsOf = (side: typeof up, aims: readonly Lab[]): MixedStep[] =>
    (side?.run.steps ?? []).map(({ ratio, lab }, i) => ({
      poured: [{ step: base, drops: ratio[0] }],
      parts: [{ paint: side!.paint, drops: ratio[1] }],
      deltaE00: deltaE00(lab, aims[i]!),
    }))
  const uneven = Math.max(up?.run.uneven ?? 0, down?.run.uneven ?? 0)
  return {
    steps: [
      ...stepsOf(down, [...targets.slice(0, base)].reverse()).reverse(),
      baseMix,
      ...stepsOf(up, targets.slice(base + 1)),
    ],
    note: { way: 'run', shade: down?.paint.id, light: up?.paint.id, uneven },
  }
}

function bought({ targets, paints }: MixRequest, progression: readonly string[]): MixedLadder {
  const wanted = new Set(progression)
  const own = paints.filter(({ id }) => wanted.has(id))
  if (own.length === 0)
    throw new RangeError('no bottle of the progression is in the plan; choose at least one')
  const { steps, wide } = boughtProgression(own, targets)
  return {
    steps,
    note: {
      way: 'bought',
      wide: wide.map(({ from, to, gap }) => ({ from: from.id, to: to.id, gap })),
    },
  }
}

/**
 * Recipes for a whole ladder in one of four ways.
 * @throws RangeError for a paint that is not there, or too few bottles or drops for the steps.
 * @example mixLadder({ targets, base: 3, paints: box, maxPaints: 3, maxDrops: 8, mixing: { way: 'matched' }, closest, several, patience: { ms: 500, now } }).steps.length // 7
 */
export function mixLadder(request: MixRequest): MixedLadder {
  const { mixing } = request
  if (mixing.way === 'puddles') return inPuddles(request, mixing.puddles)
  // These count bottles, or go from one to another: parts of drops are none.
  const plain = { ...request, paints: request.paints.slice(0, request.bottles) }
  if (mixing.way === 'run') return run(plain, mixing.light, mixing.shade)
  if (mixing.way === 'bought') return bought(plain, mixing.progression)
  return matched(plain, mixing.mostBottles, mixing.family)
}
