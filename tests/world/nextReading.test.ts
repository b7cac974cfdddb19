import { expect, it } from 'vitest'
import { labOf, learnPaints, predictMix, starterPaints, teachesMost } from '../../core'
import type { MixReading, Paint } from '../../core'
import { hiddenPaints } from '../../server/reader/hiddenPaints'
import { many } from '../thorough'
import { fallen, opaque, otherWorld, picked } from './physics'
import { apart, chance, mean } from './trial'

const ids = ['titanium-white', 'yellow-ochre', 'red-iron-oxide', 'burnt-umber', 'ultramarine']
ids.push('quinacridone-magenta', 'carbon-black', 'phthalo-green')
const box = starterPaints.filter(({ id }) => ids.includes(id))
/** Off a photograph with a grey, in each of L*, a* and b*. */
const ERROR = 1.2

/** Mean ΔE00 of the mixes of an evening, after some of them were read: those that teach most, or as they come. */
function after(seed: number, readings: number, chosen: boolean): number {
  const { random, normal } = chance(31 * seed + 5)
  const hidden = hiddenPaints(seed + 200)
  const evening = Array.from({ length: 24 }, () => {
    const left = [...ids]
    return Array.from({ length: 2 + Math.floor(2 * random()) }, () => ({
      paint: left.splice(Math.floor(random() * left.length), 1)[0]!,
      drops: 1 + Math.floor(5 * random()),
    }))
  })
  const truth = (parts: MixReading['parts'], shares: readonly number[]): Float64Array =>
    opaque(
      parts.map(({ paint }, i) => ({ bottle: hidden.get(paint)!, share: shares[i]! })),
      otherWorld,
    )
  const read: MixReading[] = []
  const left = [...evening]
  while (read.length < readings) {
    const at = chosen
      ? teachesMost(left, read, box, ERROR)[0]!.at
      : Math.floor(random() * left.length)
    const [parts] = left.splice(at, 1)
    const poured = parts!.map(({ drops }) => fallen(drops, normal, otherWorld))
    const lab = picked(labOf(truth(parts!, poured)), normal, ERROR)
    read.push({ parts: parts!, lab, within: ERROR })
  }
  const paints = new Map<string, Paint>(box.map((paint) => [paint.id, paint]))
  for (const { paint } of learnPaints(read, box).paints) paints.set(paint.id, paint)
  return mean(
    evening.map((parts) => {
      const drops = parts.map((part) => part.drops)
      const mixed = parts.map(({ paint }, i) => ({ paint: paints.get(paint)!, drops: drops[i]! }))
      return apart(predictMix(mixed).lab, labOf(truth(parts, drops)))
    }),
  )
}

it('readings of mixes that teach most are worth half as many again of any', () => {
  const boxes = Array.from({ length: many(8, 3) }, (_, n) => n + 1)
  const chosen = mean(boxes.map((seed) => after(seed, 6, true)))
  const any = mean(boxes.map((seed) => after(seed, 9, false)))
  expect(chosen).toBeLessThan(any)
}, 240_000)

it('what a mix would teach is a share: more from a surer reading, next to nothing from one read often', () => {
  const mixes = [
    [
      { paint: 'yellow-ochre', drops: 2 },
      { paint: 'titanium-white', drops: 3 },
    ],
    [
      { paint: 'ultramarine', drops: 1 },
      { paint: 'titanium-white', drops: 4 },
    ],
  ]
  const gains = (within: number, readings: MixReading[] = []): number[] =>
    teachesMost(mixes, readings, box, within)
      .sort((one, other) => one.at - other.at)
      .map(({ gain }) => gain)
  const [sure, doubtful] = [gains(0.5), gains(4)]
  for (const [i, gain] of sure.entries()) {
    expect(gain).toBeGreaterThan(doubtful[i]!)
    expect(gain).toBeLessThan(1)
    expect(doubtful[i]).toBeGreaterThan(0)
  }
  // The two have only white in common: what is left to know is of the one that was not read.
  const often = Array.from({ length: 6 }, (): MixReading => {
    const parts = mixes[0]!
    const mixed = parts.map(({ paint, drops }) => ({
      paint: box.find(({ id }) => id === paint)!,
      drops,
    }))
    return { parts, lab: predictMix(mixed).lab, within: 0.5 }
  })
  const [read, unread] = gains(0.5, often)
  expect(read).toBeLessThan(0.5 * unread!)
  expect(teachesMost([], often, box, 1)).toEqual([])
  expect(() => teachesMost([[{ paint: 'gold', drops: 1 }]], [], box, 1)).toThrow('"gold"')
})
