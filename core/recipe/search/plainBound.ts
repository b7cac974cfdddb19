import type { Turn } from './turn'
import { BANDS } from '../../colour/spectrum'
import type { Weights } from '../../colour/weights'
import { K1, K2 } from '../../paint/surface'
import type { PaintTree } from './paintTree'
import type { TargetBox } from './targetBox'

const ENTERS = (1 - K1) * (1 - K2)
const LEAVES = 1 - K2
/**
 * Reflectance of an opaque mix by its K/S (Saunderson 1942, Kubelka & Munk 1931). Mirrors `opaqueReflectance` band by band for
 * speed; `core/recipe/sameMixing.test.ts` holds them together.
 */
export const reflectance = (q: number): number => ENTERS / (LEAVES + q + Math.sqrt(q * (q + 2)))

export interface Bound {
  /** Least and greatest of each axis of the box, in turn. */
  axes: number[]
  /** Least and greatest reflectance of each band. */
  low: Float64Array
  high: Float64Array
}

/** Least along a face that the ranges of reflectance leave: what is negative takes the other end. */
export const leastOf = (w: Float64Array, { low, high }: Bound): number =>
  w.reduce((sum, one, i) => sum + one * (one > 0 ? low[i]! : high[i]!), 0)

/** Whether a bound and the box around the target have anything in common. */
export function mayMeet({ axes }: Bound, box: TargetBox): boolean {
  for (let k = 0; k < axes.length; k += 2)
    if (axes[k]! > box[k + 1]! || axes[k + 1]! < box[k]!) return false
  return true
}

/** Bounds over all mixes of some clusters at the ratios between some corners (docs/search.md). */
export function plainBound(
  clusters: PaintTree['clusters'],
  { x, y, z }: Pick<Weights, 'x' | 'y' | 'z'>,
  [alpha, beta]: Turn,
): (slots: readonly number[], corners: readonly (readonly number[])[]) => Bound {
  const u = x.map((w, i) => w - alpha * y[i]!)
  const v = z.map((w, i) => w - beta * y[i]!)
  const lows = new Float64Array(BANDS)
  const highs = new Float64Array(BANDS)
  return (slots, corners) => {
    const axes = [0, 0, 0, 0, 0, 0, 0, 0, 0, 0]
    for (let i = 0; i < BANDS; i++) {
      let [least, most, ql, qh] = [1, 0, Infinity, 0]
      for (const corner of corners) {
        let [kl, kh, sl, sh] = [0, 0, 1e-150, 1e-150]
        for (let j = 0; j < slots.length; j++) {
          const c = clusters[slots[j]!]!.curves
          const d = corner[j]!
          kl += d * c[0][i]!
          kh += d * c[1][i]!
          sl += d * c[2][i]!
          sh += d * c[3][i]!
        }
        ql = Math.min(ql, kl / sh)
        qh = Math.max(qh, kh / sl)
      }
      for (const slot of slots) {
        const c = clusters[slot]!.curves
        least = Math.min(least, c[4][i]!)
        most = Math.max(most, c[5][i]!)
      }
      const low = Math.max(least, reflectance(qh))
      const high = Math.min(most, reflectance(ql))
      lows[i] = low
      highs[i] = high
      axes[0]! += x[i]! * low
      axes[1]! += x[i]! * high
      axes[2]! += y[i]! * low
      axes[3]! += y[i]! * high
      axes[4]! += z[i]! * low
      axes[5]! += z[i]! * high
      // Weights below zero take the other end.
      axes[6]! += u[i]! * (u[i]! > 0 ? low : high)
      axes[7]! += u[i]! * (u[i]! > 0 ? high : low)
      axes[8]! += v[i]! * (v[i]! > 0 ? low : high)
      axes[9]! += v[i]! * (v[i]! > 0 ? high : low)
    }
    return { axes, low: lows, high: highs }
  }
}
