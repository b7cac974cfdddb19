import type { Mixture } from '../../paint/mixture'
import type { BottleDrops } from '../../puddle/parts'
import type { Paint } from '../../paint/paint'
import { mixPaints } from '../../paint/mix'
import type { Part } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import { labOf } from '../../colour/lab'
import { deltaE00 } from '../../colour/deltaE00'
import { dispensed, TOUCH } from '../../puddle/dispense'

/** Less than a drop: what a strong paint is given in. */
const touchAmounts = [
  { share: 0.5, name: 'half a drop' },
  { share: TOUCH, name: 'a touch' },
] as const

/** One drop in nine of white moves it by so much, ΔE00: then a whole drop is much in six. Green earth is at 7, ochre at 15. */
const STRONG = 10
const OF_WHITE = 9

/** Let-downs are told apart from bottles by this; no bottle's id has it. */
export const LET_DOWN = 'let-down:'

/** A paint's id with the part of a drop it stands for, and back. */
const touchId = (id: string, share: number): string => `${id}@${share}`
/** @example untouched('carbon-black@0.5') // "carbon-black" */
export const untouched = (id: string): string => id.split('@')[0]!

/**
 * What share of a drop a paint stands for.
 * @example shareGiven('carbon-black@0.5') // 0.5
 */
export const shareGiven = (id: string): number => Number(id.split('@')[1] ?? 1)

/**
 * A strong paint as it is given in less than drops: one "drop" of it is a share of a drop, so K and S
 * count by that share. It is also a drop of the paint thinned beforehand, 1 : (1/share − 1) with medium.
 */
export function touchOf(paint: Paint, share: number): Paint {
  const amount = touchAmounts.find((one) => one.share === share)
  if (!amount) throw new RangeError(`a touch of ${share}; allowed is 0.5 or 0.1`)
  return {
    ...paint,
    id: touchId(paint.id, share),
    name: `${amount.name} of ${paint.name}`,
    K: paint.K.map((k) => k * share),
    S: paint.S.map((s) => s * share),
  }
}

/**
 * A puddle as it goes into another: its K and S by the drop poured, where touches and halves are the parts of a drop
 * that they are.
 * @example pouredMix([{ paint: white, drops: 4 }, { paint: touchOf(black, 0.1), drops: 1 }]).S[0] // 4 of white by 4.1 drops
 */
export function pouredMix(parts: readonly Part<Paint>[]): Mixture {
  const { K, S } = mixPaints(parts)
  const counted = parts.reduce((sum, { drops }) => sum + drops, 0)
  const poured = parts.reduce((sum, { paint, drops }) => sum + drops * shareGiven(paint.id), 0)
  const by = counted / poured
  return { K: K.map((k) => k * by), S: S.map((s) => s * by) }
}

/**
 * Parts with touches in them as drops of the paints themselves, in amounts that can be dispensed.
 * @example touchesAsDrops([{ paint: 'carbon-black@0.5', drops: 1 }, { paint: 'titanium-white', drops: 3 }])[0].drops // 0.5
 */
export function touchesAsDrops(parts: readonly BottleDrops[]): BottleDrops[] {
  const sum = new Map<string, number>()
  for (const { paint, drops } of parts) {
    const id = untouched(paint)
    sum.set(id, (sum.get(id) ?? 0) + drops * shareGiven(paint))
  }
  const ratio = [...sum.values()]
  const { drops } = dispensed(ratio)
  return [...sum.keys()].map((paint, i) => ({ paint, drops: drops[i]! }))
}

/**
 * Whether a whole drop of a paint is much in a small puddle. Luminance alone (ASTM D4838) would call a yellow weak, of
 * which a drop in five of white is too much for a fair skin.
 * @param white what it is told by.
 * @example isStrong(black, white) // true
 */
export function isStrong(paint: Paint, white: Mixture): boolean {
  const seen = (mix: Mixture) => labOf(opaqueReflectance(mix))
  const tint = mixPaints([
    { paint, drops: 1 },
    { paint: white, drops: OF_WHITE },
  ])
  return deltaE00(seen(tint), seen(white)) > STRONG
}

/** The box with every strong bottle also in halves and touches; weak ones and what is let down as they are. */
export const withTouches = (paints: readonly Paint[], white: Mixture): Paint[] => [
  ...paints,
  ...paints
    .filter((paint) => !paint.id.startsWith(LET_DOWN) && isStrong(paint, white))
    .flatMap((paint) => touchAmounts.map(({ share }) => touchOf(paint, share))),
]
