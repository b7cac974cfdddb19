import type { Mixture } from '../paint/mixture'
import { deltaE00 } from '../colour/deltaE00'
import { labOf } from '../colour/lab'
import type { Lab } from '../colour/lab'
import { mixPaints } from '../paint/mix'
import { opaqueReflectance } from '../paint/opaque'

/** A part of a step: something mixed already, or the puddle of another step by its place. */
export interface SharingPart {
  of: Mixture | number
  drops: number
}

/** A ladder whose puddles may be shared. */
export interface SharingRow {
  steps: readonly { target: Lab; parts: readonly SharingPart[] }[]
}

/** A puddle that serves a step of another ladder too. */
export interface SharedPuddle {
  /** Row and step that it is mixed for, and those that would take it. */
  from: { row: number; step: number }
  to: { row: number; step: number }
  /** What the taker's mean ΔE00 grows by; below 0 where it comes nearer. */
  costs: number
}

/** Puddles further apart are not tried, ΔE00. */
const FAR = 8

const isPuddle = ({ parts }: { parts: readonly SharingPart[] }): boolean =>
  parts.every(({ of }) => typeof of !== 'number')

/**
 * Puddles that one ladder can take from another at little cost, the cheapest first, one for each ladder that takes:
 * every step that pours the puddle is reckoned with the other's in the same ratio.
 * @param most what the mean may grow by, ΔE00.
 * @example sharedPuddles([{ steps: [{ target: flesh, parts: [{ of: white, drops: 1 }] }] }], 0.2).length // 0
 */
export function sharedPuddles(rows: readonly SharingRow[], most: number): SharedPuddle[] {
  /** The mixture of each step; `instead` stands for one of the puddles. */
  function mixturesOf({ steps }: SharingRow, instead?: { step: number; mix: Mixture }): Mixture[] {
    const made: Mixture[] = []
    const mixtureOf = (step: number): Mixture =>
      (made[step] ??=
        instead?.step === step
          ? instead.mix
          : mixPaints(
              steps[step]!.parts.map(({ of, drops }) => ({
                paint: typeof of === 'number' ? mixtureOf(of) : of,
                drops,
              })),
            ))
    return steps.map((_, step) => mixtureOf(step))
  }
  const colourOf = (mix: Mixture): Lab => labOf(opaqueReflectance(mix))
  const meanOf = ({ steps }: SharingRow, mixes: readonly Mixture[]): number =>
    mixes.reduce((sum, mix, i) => sum + deltaE00(colourOf(mix), steps[i]!.target), 0) / steps.length
  const known = rows.map((row) => {
    const mixes = mixturesOf(row)
    const puddles = row.steps.flatMap((step, i) =>
      isPuddle(step) ? [{ step: i, mix: mixes[i]!, lab: colourOf(mixes[i]!) }] : [],
    )
    return { row, puddles, mean: meanOf(row, mixes) }
  })
  const best = new Map<number, SharedPuddle>()
  known.forEach((taker, to) =>
    known.forEach((giver, from) => {
      if (from === to) return
      for (const given of giver.puddles)
        for (const own of taker.puddles) {
          if (deltaE00(given.lab, own.lab) > FAR) continue
          const mixes = mixturesOf(taker.row, { step: own.step, mix: given.mix })
          const costs = meanOf(taker.row, mixes) - taker.mean
          if (costs > most || costs >= (best.get(to)?.costs ?? Infinity)) continue
          best.set(to, {
            from: { row: from, step: given.step },
            to: { row: to, step: own.step },
            costs,
          })
        }
    }),
  )
  return [...best.values()].sort((one, other) => one.costs - other.costs)
}
