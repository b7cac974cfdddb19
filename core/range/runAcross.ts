import type { Mixture } from '../paint/mixture'
import { deltaE00 } from '../colour/deltaE00'
import type { Lab } from '../colour/lab'
import { labOf } from '../colour/lab'
import { mixPaints } from '../paint/mix'
import { opaqueReflectance } from '../paint/opaque'

/** Drops of a paint and of white, from the paint alone to much white (T7 beyond its ends). */
const runRatios: readonly (readonly [paint: number, white: number])[] = [
  [1, 0],
  [8, 1],
  [4, 1],
  [3, 1],
  [2, 1],
  [3, 2],
  [1, 1],
  [2, 3],
  [1, 2],
  [1, 3],
  [1, 4],
  [1, 6],
  [1, 8],
  [1, 12],
  [1, 20],
]

export interface RunStep {
  ratio: readonly [paint: number, white: number]
  lab: Lab
}

/**
 * One paint and white in plain ratios, dark to light: complexions are picked from it (T3).
 * @example runWithWhite(oxide, white)[0].ratio // [1,0]
 */
export const runWithWhite = (paint: Mixture, white: Mixture): RunStep[] =>
  runRatios.map((ratio) => ({
    ratio,
    lab: labOf(
      opaqueReflectance(
        mixPaints([
          { paint, drops: ratio[0] },
          { paint: white, drops: ratio[1] },
        ]),
      ),
    ),
  }))

/**
 * The step of a run that is nearest to a colour, and how far off it is.
 * @example nearestInRun(runWithWhite(oxide, white), flesh).at >= 0 // true
 */
export function nearestInRun(run: readonly RunStep[], target: Lab): { at: number; off: number } {
  const offs = run.map(({ lab }) => deltaE00({ L: lab.L, a: lab.a, b: lab.b }, target))
  const off = Math.min(...offs)
  return { at: offs.indexOf(off), off }
}
