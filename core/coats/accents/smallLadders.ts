import { mixPaints } from '../../paint/mix'
import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'
import { deltaE00Of } from '../../colour/deltaE00'
import { gcd } from '../../numbers/gcd'
import { memoiseByValue } from '../../numbers/memoiseByValue'
import { MixEvaluator } from '../../paint/mixEvaluator'
import type { Recipe } from '../../recipe/recipe'
import { touchRatios, withBottle } from '../../recipe/withBottle'
import type { WithRatio } from '../../recipe/withBottle'
import type { Lab } from '../../colour/lab'
import type { DetailKey } from '../../project/figure'

/** Shadow, middle and light of what is not skin. */
export interface SmallLadder {
  key: DetailKey
  name: string
  /** Common practice, in words. */
  words: string
  targets: readonly [shadow: Lab, middle: Lab, light: Lab]
}

/**
 * Off-white and off-black parts: never pure white, never pure black. Colours from memory, common practice,
 * no source.
 */
export const smallLadders: readonly SmallLadder[] = [
  {
    key: 'eye',
    name: 'Eye, the white of it',
    words: 'A pale warm grey, darker under the lid; pure white stares.',
    targets: [
      { L: 58, a: 3, b: 5 },
      { L: 73, a: 2, b: 5 },
      { L: 79, a: 1, b: 5 },
    ],
  },
  {
    key: 'clouded-eye',
    name: 'Clouded eye',
    words: 'A cold grey blue, held down with grey.',
    targets: [
      { L: 52, a: -2, b: -7 },
      { L: 66, a: -2, b: -6 },
      { L: 79, a: -2, b: -4 },
    ],
  },
  {
    key: 'teeth',
    name: 'Teeth',
    words: 'Bone, toward brown at the gum.',
    targets: [
      { L: 50, a: 5, b: 18 },
      { L: 68, a: 2, b: 16 },
      { L: 81, a: 0, b: 12 },
    ],
  },
  {
    key: 'claws',
    name: 'Claws and horn',
    words: 'Dark at the root, pale at the tip; no pure black.',
    targets: [
      { L: 20, a: 2, b: 4 },
      { L: 36, a: 3, b: 10 },
      { L: 58, a: 2, b: 14 },
    ],
  },
  {
    key: 'mouth',
    name: 'Inside of the mouth',
    words: 'Dark red-brown, deepest behind the teeth.',
    targets: [
      { L: 17, a: 12, b: 5 },
      { L: 30, a: 22, b: 10 },
      { L: 44, a: 28, b: 13 },
    ],
  },
]

/** One tone of a small ladder; a darker or a lighter one may be the middle with a bottle more. */
interface SmallStep extends Recipe {
  /** Where that is less paint: parts of the middle to parts of a bottle, and what that is. */
  ofMiddle?: { middle: number; bottle: Part<Paint>; lab: Lab; deltaE00: number }
}

export interface MixedSmallLadder extends Pick<SmallLadder, 'key' | 'name'> {
  steps: SmallStep[]
}

/**
 * What is taken up of a bottle, in touches: one to five, or the drop to three that they are a touch in. No puddle is poured
 * for an eye.
 */
const TOUCHES = [1, 2, 3, 4, 5, 6, 10, 20, 30] as const
/** What a touch more has to bring nearer, ΔE00: of an eye everything but the tip of a brush is left over. */
const COST = 0.1
const TOUCHES_A_DROP = 10
/** Greys and bones are held down with a third paint. */
const MOST_PAINTS = 3

/** What can be taken up of one to three paints, least paint first; what only multiplies a smaller mix is left out. */
const TAKEN_UP: readonly { touches: readonly number[]; all: number }[] = (() => {
  const of = (many: number): number[][] =>
    many === 0
      ? [[]]
      : of(many - 1).flatMap((first) => TOUCHES.map((touches) => [...first, touches]))
  return Array.from({ length: MOST_PAINTS }, (_, n) => of(n + 1))
    .flat()
    .filter((touches) => touches.reduce(gcd) === 1)
    .map((touches) => ({ touches, all: touches.reduce((sum, one) => sum + one, 0) }))
    .sort((a, b) => a.all - b.all)
})()

/** Every choice of so many of a list, as places in it. */
function choices(among: number, many: number, from = 0): number[][] {
  if (many === 0) return [[]]
  return Array.from({ length: Math.max(0, among - from) }, (_, i) => from + i).flatMap((first) =>
    choices(among, many - 1, first + 1).map((rest) => [first, ...rest]),
  )
}

/**
 * Calls with every mix of up to three paints in such touches, least paint first, until they are more than what is
 * asked before each; what it is handed is overwritten afterwards.
 */
function eachSmallMix(
  paints: readonly Paint[],
  most: () => number,
  visit: (members: readonly number[], touches: readonly number[], lab: Float64Array) => void,
): void {
  const evaluator = new MixEvaluator(paints)
  const lab = new Float64Array(3)
  const members = Array.from({ length: MOST_PAINTS + 1 }, (_, n) => choices(paints.length, n))
  for (const { touches, all } of TAKEN_UP) {
    if (all >= most()) return
    for (const which of members[touches.length]!) {
      evaluator.writeLab(which, touches, which.length, lab, 0)
      visit(which, touches, lab)
    }
  }
}

/** Of the middle and one bottle more: of a tone far from it there may be more of the bottle (common practice, no source). */
const WITH_MIDDLE: readonly WithRatio[] = [...touchRatios, [1, 2]]

/** A tone as the middle with one bottle more, where that costs less than a mix of its own. */
function fromMiddle(
  { parts }: Recipe,
  target: Lab,
  paints: readonly Paint[],
  own: number,
): SmallStep['ofMiddle'] {
  const best = withBottle(mixPaints(parts), target, paints, WITH_MIDDLE, COST)
  if (!best || best.cost >= own) return undefined
  const { paint, ratio, lab, deltaE00 } = best
  return { middle: ratio[0], bottle: { paint, drops: ratio[1] }, lab, deltaE00 }
}

/** Boxes whose small ladders are remembered: those of the figures that stand on a bench together. */
const BOXES = 12

/**
 * The small ladders mixed from a box: for each step what is taken up in touches, near and
 * little of it; of eyes and teeth one puddle is the middle, and what else can be is that with a touch more.
 * @throws RangeError for an empty box.
 * @example mixSmallLadders(paints)[0].steps[1].parts
 */
export const mixSmallLadders = memoiseByValue((paints: readonly Paint[]): MixedSmallLadder[] => {
  if (paints.length === 0) throw new RangeError('no paint to mix eyes and teeth from')
  const targets = smallLadders.flatMap(({ targets: three }) => [...three])
  const best: { recipe?: Recipe; cost: number }[] = targets.map(() => ({ cost: Infinity }))
  // A mix that alone costs more than what stands everywhere is nowhere better.
  const most = () => Math.max(...best.map(({ cost }) => cost)) / COST
  eachSmallMix(paints, most, (members, touches, [L, a, b]) => {
    const paid = COST * touches.reduce((sum, one) => sum + one, 0)
    targets.forEach((target, i) => {
      const room = best[i]!.cost - paid
      // Nothing that far off can be nearer; a lightness counts half at least, a hue and chroma a quarter.
      if (Math.abs(L! - target.L) > 2 * room) return
      if (Math.hypot(a! - target.a, b! - target.b) > 4 * room) return
      const deltaE00 = deltaE00Of(L!, a!, b!, target.L, target.a, target.b)
      if (deltaE00 >= room - 1e-9) return
      const parts = members.map((paint, k) => ({
        paint: paints[paint]!,
        drops: touches[k]! / TOUCHES_A_DROP,
      }))
      const lab = { L: L!, a: a!, b: b! }
      best[i] = { recipe: { parts, lab, deltaE00 }, cost: deltaE00 + paid }
    })
  })
  return smallLadders.map(({ key, name, targets: three }, n) => {
    const own = best.slice(three.length * n, three.length * (n + 1))
    const middle = own[1]!.recipe!
    return {
      key,
      name,
      steps: own.map(({ recipe, cost }, i): SmallStep => {
        const ofMiddle = i === 1 ? undefined : fromMiddle(middle, three[i]!, paints, cost)
        return { ...recipe!, ...(ofMiddle && { ofMiddle }) }
      }),
    }
  })
}, BOXES)
