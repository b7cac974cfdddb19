import { starterPaints } from '../../core'
import type { Paint } from '../../core'
import { seeded } from '../../core/numbers/seeded'

/** A large box: the starter paints again and again, each stronger or weaker and with some of another in it. */
export function manyPaints(count: number): Paint[] {
  const random = seeded(5)
  const pick = (): Paint => starterPaints[Math.floor(random() * starterPaints.length)]!
  return Array.from({ length: count }, (_, i) => {
    const paint = starterPaints[i % starterPaints.length]!
    const other = pick()
    const [share, k, s] = [0.3 * random(), 0.6 + 0.8 * random(), 0.6 + 0.8 * random()]
    const blend = (own: Float64Array, its: Float64Array, gain: number): Float64Array =>
      own.map((v, band) => gain * ((1 - share) * v + share * its[band]!))
    return {
      ...paint,
      id: `${paint.id}/${i}`,
      K: blend(paint.K, other.K, k),
      S: blend(paint.S, other.S, s),
    }
  })
}
