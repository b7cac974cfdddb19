import type { Turn } from './turn'
import { expect, it } from 'vitest'
import { deltaE00 } from '../../colour/deltaE00'
import { labOfXyz, xyzOf, xyzOfLab } from '../../colour/lab'
import { weightsOf } from '../../colour/weights'
import type { XYZ } from '../../colour/white'
import { seeded } from '../../numbers/seeded'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import { starterPaints } from '../../paint/starter'
import { boundsRound } from './aim'
import type { TargetBox } from './targetBox'

const weights = weightsOf()
const random = seeded(8)
const mixed = (): XYZ =>
  xyzOf(
    opaqueReflectance(
      mixPaints(
        [0, 1, 2].map(() => ({
          paint: starterPaints[Math.floor(random() * starterPaints.length)]!,
          drops: 1 + Math.floor(9 * random()),
        })),
      ),
    ),
  )

it('bounds round a far target hold every mix within the difference, and fewer that are further than formulas do', () => {
  let [within, beyond, held, boxed] = [0, 0, 0, 0]
  for (const target of [
    { L: 6, a: -79, b: 86 },
    { L: 37, a: -13, b: -86 },
    { L: 43, a: -6, b: 80 },
    { L: 85, a: 83, b: 61 },
  ]) {
    const mixes = Array.from({ length: 4000 }, mixed).map((xyz) => {
      const lab = labOfXyz(xyz, weights.white)
      return { xyz, lab, off: deltaE00(lab, target) }
    })
    mixes.sort((one, other) => one.off - other.off)
    const [X, Y, Z] = xyzOfLab(target, weights.white)
    const turn: Turn = [X / Y, Z / Y]
    const difference = mixes[200]!.off
    const round = boundsRound(target, turn, weights, starterPaints)
    const bounds = round(difference, mixes[0]!.lab)
    const box = round(difference).box
    expect(bounds.across.length).toBeGreaterThan(10)
    for (const { xyz, off } of mixes) {
      const [x, y, z] = xyz
      const along = [x, y, z, x - turn[0] * y, z - turn[1] * y]
      const inBox = (one: TargetBox): boolean =>
        along.every((v, k) => v >= one[2 * k]! && v <= one[2 * k + 1]!)
      const inside =
        inBox(bounds.box) &&
        bounds.across.every((face) => face.x * x + face.y * y + face.z * z <= face.most)
      if (off <= difference) {
        within++
        expect(inside).toBe(true)
      } else {
        beyond++
        if (inside) held++
        if (inBox(box)) boxed++
      }
    }
  }
  expect(within).toBeGreaterThan(700)
  expect(held / beyond).toBeLessThan(0.7)
  expect(boxed / beyond).toBeGreaterThan(0.8)
})
