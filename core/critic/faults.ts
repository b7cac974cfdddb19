import type { StepKey } from '../project/steps'
import type { PaintedStep } from './paintedSkin'

/** What may be wrong with a painted skin, each as what it does to the plan. */
export type FaultKey =
  | 'range'
  | 'lights range'
  | 'shadows range'
  | 'lightness'
  | 'cast'
  | 'chroma'
  | 'lights chroma'
  | 'shadows chroma'
  | 'shadows cast'
  | 'lights cast'
  | 'lights share'
  | 'shadows share'
  | 'lights stranded'
  | 'shadows hard'
  | 'wrong colour'

/** A way for a skin to differ from its plan, with one to three numbers that say how. */
export interface FaultShift {
  key: FaultKey
  /** The step it is about, of a wrong colour. */
  step?: StepKey
  /** Numbers that change nothing, and how far the first trial goes. */
  none: readonly number[]
  first: readonly number[]
  /** Further places to start from. */
  starts?: readonly (readonly number[])[]
  /** Whether so much of it can be. */
  can: (by: readonly number[]) => boolean
  does: (steps: readonly PaintedStep[], by: readonly number[]) => PaintedStep[]
}

const within = (v: number, least: number, most: number): boolean => v >= least && v <= most
const each = (
  steps: readonly PaintedStep[],
  change: (step: PaintedStep, i: number) => Partial<PaintedStep['lab']>,
): PaintedStep[] => steps.map((step, i) => ({ ...step, lab: { ...step.lab, ...change(step, i) } }))
const baseOf = (steps: readonly PaintedStep[]): number =>
  Math.max(
    0,
    steps.findIndex(({ key }) => key === 'base'),
  )

/** So much of the way out from the base: 0 at the base, 1 at the end of its side; below 0 on the other side. */
const outward = (steps: readonly PaintedStep[], i: number, side: 'lights' | 'shadows'): number => {
  const base = baseOf(steps)
  return side === 'lights'
    ? (i - base) / Math.max(1, steps.length - 1 - base)
    : (base - i) / Math.max(1, base)
}

/** Chroma of one side times so much, with a shift of lightness: white alone makes lights greyer and lighter. */
const sideChroma = (side: 'lights' | 'shadows'): Omit<FaultShift, 'key'> => ({
  none: [1, 0],
  first: [-0.3, 2],
  can: ([c, L]) => within(c!, 0, 1.8) && within(L!, -6, 6),
  does: (steps, [c, L]) =>
    each(steps, ({ lab }, i) => {
      const out = outward(steps, i, side)
      if (out <= 0) return {}
      const by = 1 + (c! - 1) * Math.min(1, 2 * out)
      return { L: lab.L + L! * out, a: lab.a * by, b: lab.b * by }
    }),
})

const sideCast = (side: 'lights' | 'shadows'): Omit<FaultShift, 'key'> => ({
  none: [0, 0],
  first: [4, 4],
  can: (by) => Math.hypot(...by) < 30,
  does: (steps, [a, b]) =>
    each(steps, ({ lab }, i) => {
      const out = Math.min(1, 2 * outward(steps, i, side))
      return out > 0 ? { a: lab.a + a! * out, b: lab.b + b! * out } : {}
    }),
})

/** One side goes so many times as far from the base in lightness. */
const sideRange = (side: 'lights' | 'shadows'): Omit<FaultShift, 'key'> => ({
  none: [1],
  first: [-0.3],
  can: ([f]) => within(f!, 0.1, 2),
  does: (steps, [f]) => {
    const { L } = steps[baseOf(steps)]!.lab
    return each(steps, ({ lab }, i) =>
      outward(steps, i, side) > 0 ? { L: L + f! * (lab.L - L) } : {},
    )
  },
})

/** One side takes so many times its share; the rest gives way. */
const sideShare = (side: 'lights' | 'shadows'): Omit<FaultShift, 'key'> => ({
  none: [0],
  first: [0.4],
  can: ([by]) => within(by!, -1.2, 1.2),
  does: (steps, [by]) => {
    const mine = (i: number): boolean => outward(steps, i, side) > 0
    const share = steps.reduce((sum, step, i) => sum + (mine(i) ? step.share : 0), 0)
    const becomes = Math.min(0.95, share * Math.exp(by!))
    return steps.map((step, i) => ({
      ...step,
      share: step.share * (mine(i) ? becomes / share : (1 - becomes) / (1 - share)),
    }))
  },
})

/** The steps next to the base were left out: what lay there is base and the step beyond, with a jump between. */
const sideJump = (side: 'lights' | 'shadows'): Omit<FaultShift, 'key'> => ({
  none: [0],
  first: [0.5],
  can: ([by]) => within(by!, 0, 1),
  does: (steps, [by]) => {
    const base = baseOf(steps)
    const out = side === 'lights' ? 1 : -1
    const [missing, beyond] = [base + out, base + 2 * out]
    if (!steps[missing] || !steps[beyond]) return [...steps]
    const lost = by! * steps[missing].share
    return steps.map((step, i) => ({
      ...step,
      share: step.share + (i === missing ? -lost : i === base || i === beyond ? lost / 2 : 0),
    }))
  },
})

const wrongColour = (at: number, steps: readonly PaintedStep[]): FaultShift => ({
  key: 'wrong colour',
  step: steps[at]!.key,
  none: [0, 0, 0],
  first: [5, 8, 8],
  starts: [
    [10, 10],
    [10, -10],
    [-10, 10],
    [-10, -10],
  ].flatMap(([a, b]) => [
    [-6, a!, b!],
    [6, a!, b!],
  ]),
  can: ([L, a, b]) => Math.abs(L!) < 30 && Math.hypot(a!, b!) < 60,
  does: (given, [L, a, b]) =>
    each(given, ({ lab }, i) => (i === at ? { L: lab.L + L!, a: lab.a + a!, b: lab.b + b! } : {})),
})

/**
 * Every way this skin may differ from its plan.
 * @param exposed whether the photograph tells how light the paint is.
 */
export function waysFor(steps: readonly PaintedStep[], exposed: boolean): FaultShift[] {
  const base = baseOf(steps)
  const lightness: FaultShift = {
    key: 'lightness',
    none: [0],
    first: [5],
    can: ([L]) => within(L!, -30, 30),
    does: (given, [L]) => each(given, ({ lab }) => ({ L: lab.L + L! })),
  }
  const all: FaultShift[] = [
    {
      key: 'range',
      none: [1],
      first: [-0.3],
      can: ([f]) => within(f!, 0.1, 1.8),
      does: (given, [f]) => {
        const { lab: middle } = given[baseOf(given)]!
        return each(given, ({ lab }) => ({
          L: middle.L + f! * (lab.L - middle.L),
          a: middle.a + f! * (lab.a - middle.a),
          b: middle.b + f! * (lab.b - middle.b),
        }))
      },
    },
    ...(exposed ? [lightness] : []),
    {
      key: 'cast',
      none: [0, 0],
      first: [4, 4],
      can: (by) => Math.hypot(...by) < 30,
      does: (given, [a, b]) => each(given, ({ lab }) => ({ a: lab.a + a!, b: lab.b + b! })),
    },
    {
      key: 'chroma',
      none: [1],
      first: [-0.3],
      can: ([c]) => within(c!, 0, 1.8),
      does: (given, [c]) => each(given, ({ lab }) => ({ a: lab.a * c!, b: lab.b * c! })),
    },
  ]
  if (base < steps.length - 1)
    all.push(
      { key: 'lights chroma', ...sideChroma('lights') },
      { key: 'lights range', ...sideRange('lights') },
      { key: 'lights cast', ...sideCast('lights') },
      { key: 'lights share', ...sideShare('lights') },
    )
  if (base < steps.length - 2) all.push({ key: 'lights stranded', ...sideJump('lights') })
  if (base > 0)
    all.push(
      { key: 'shadows chroma', ...sideChroma('shadows') },
      { key: 'shadows range', ...sideRange('shadows') },
      { key: 'shadows cast', ...sideCast('shadows') },
      { key: 'shadows share', ...sideShare('shadows') },
    )
  if (base > 1) all.push({ key: 'shadows hard', ...sideJump('shadows') })
  steps.forEach(({ share }, i) => {
    if (share > 0.03) all.push(wrongColour(i, steps))
  })
  return all
}
