import {
  filmReflectance,
  mixPaints,
  opaqueReflectance,
  stackReflectance,
  starterPaints,
} from '../../../core'
import type { Mixture } from '../../../core'
import { filmInside } from '../../../core/paint/kubelkaFilm'
import { solveFilm } from '../../../core/paint/calibration/solveFilm'
import { seeded } from '../../../core/numbers/seeded'
import { worstOf } from '../row'
import type { Row } from '../row'

const random = seeded(1948)
const some = (least: number, most: number): number => least * (most / least) ** random()

const randomMix = (): Mixture =>
  mixPaints(
    Array.from({ length: 3 }, () => ({
      paint: starterPaints[Math.floor(random() * starterPaints.length)]!,
      drops: random() + 0.01,
    })),
  )

/** dR/dX = S − 2(K + S)R + S·R², stepped by the fourth-order Runge–Kutta rule. */
function integrated(K: number, S: number, X: number, backing: number): number {
  const slope = (R: number): number => S - 2 * (K + S) * R + S * R * R
  const steps = 4000
  const h = X / steps
  let R = backing
  for (let i = 0; i < steps; i++) {
    const k1 = slope(R)
    const k2 = slope(R + (h * k1) / 2)
    const k3 = slope(R + (h * k2) / 2)
    const k4 = slope(R + h * k3)
    R += (h * (k1 + 2 * k2 + 2 * k3 + k4)) / 6
  }
  return R
}

export function filmLaws(): Row[] {
  const row = (
    what: string,
    against: string,
    cases: number,
    limit: number,
    off: () => number,
  ): Row => ({
    what,
    against,
    cases,
    worst: worstOf(Array.from({ length: cases }, off)),
    limit,
  })
  return [
    row('film equation', 'its differential form, integrated', 200, 1e-9, () => {
      const [K, S, X, G] = [some(0.1, 300), some(0.1, 300), some(1e-4, 0.05), random()]
      return Math.abs(filmInside(K, S, X, G) - integrated(K, S, X, G))
    }),
    row('two films of X/2', 'one of X (semigroup)', 300, 1e-9, () => {
      const mix = randomMix()
      const thicknessUm = some(0.1, 200)
      const ground = new Float64Array(36).map(() => 0.95 * random())
      const half = { mixture: mix, thicknessUm: thicknessUm / 2 }
      const two = stackReflectance(ground, [half, half])
      const one = filmReflectance(mix, { thicknessUm, over: ground })
      return worstOf([...one].map((r, i) => Math.abs(r - two[i]!)))
    }),
    row('film over the opaque paint itself', 'opaque reflectance', 300, 1e-6, () => {
      const mix = randomMix()
      const opaque = opaqueReflectance(mix)
      const laid = filmReflectance(mix, { thicknessUm: some(0.1, 200), over: opaque })
      return worstOf([...laid].map((r, i) => Math.abs(r - opaque[i]!)))
    }),
    row('film of 1 m', 'opaque reflectance', 300, 1e-6, () => {
      const mix = randomMix()
      const opaque = opaqueReflectance(mix)
      const thick = filmReflectance(mix, {
        thicknessUm: 1e6,
        over: new Float64Array(36).fill(random()),
      })
      return worstOf([...thick].map((r, i) => Math.abs(r - opaque[i]!)))
    }),
    row('K and S from black and white grounds, relative', 'what made the film', 2000, 1e-6, () => {
      const [K, S, X] = [some(0.5, 80), some(0.5, 80), some(0.002, 0.02)]
      const [dark, light] = [0.1 * random(), 0.5 + 0.5 * random()]
      const reading = (ground: number) => ({ ground, seen: filmInside(K, S, X, ground) })
      const solved = solveFilm(reading(dark), reading(light), X)
      return Math.max(Math.abs(solved.K / K - 1), Math.abs(solved.S / S - 1))
    }),
  ]
}
