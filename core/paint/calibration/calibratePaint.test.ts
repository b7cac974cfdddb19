import type { Mixture } from '../mixture'
import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { flatSpectrum } from '../../colour/spectrum'
import { filmReflectance } from '../film'
import { mixPaints } from '../mix'
import { opaqueReflectance } from '../opaque'
import { starterPaints } from '../starter'
import { calibratePaint } from './calibratePaint'
import { CalibrationError } from './calibrationError'
import type { Swatch } from './swatch'

const white = starterPaints[0]!
const others = [starterPaints[5]!, starterPaints[11]!]
/** How far mixes with two other paints are off, at most. */
const unseen = (solved: Mixture, truth: Mixture): number =>
  Math.max(
    ...[0.1, 0.4].map((share) => {
      const lab = (paint: Mixture) =>
        labOf(
          opaqueReflectance(
            mixPaints([
              { paint, drops: share },
              ...others.map((other) => ({ paint: other, drops: (1 - share) / 2 })),
            ]),
          ),
        )
      return deltaE00(lab(solved), lab(truth))
    }),
  )
const tint = (paint: Mixture, share: number): Swatch => ({
  kind: 'tint',
  share,
  white,
  reflectance: opaqueReflectance(
    mixPaints([
      { paint, drops: share },
      { paint: white, drops: 1 - share },
    ]),
  ),
})
const film = (paint: Mixture, ground: number): Swatch => ({
  kind: 'film',
  thicknessUm: 8,
  over: flatSpectrum(ground),
  reflectance: filmReflectance(paint, { thicknessUm: 8, over: flatSpectrum(ground) }),
})

describe('calibrating from clean readings', () => {
  it('masstone and tint give back every starter paint well enough for unseen mixes', () => {
    for (const truth of starterPaints.slice(2)) {
      const masstone: Swatch = { kind: 'masstone', reflectance: opaqueReflectance(truth) }
      expect(unseen(calibratePaint([masstone, tint(truth, 0.1)]), truth), truth.id).toBeLessThan(
        0.5,
      )
    }
  })

  it('one film over black and white gives back translucent paints', () => {
    for (const id of ['quinacridone-rose', 'green-earth', 'arylide-yellow', 'zinc-white']) {
      const truth = starterPaints.find((one) => one.id === id)!
      expect(unseen(calibratePaint([film(truth, 0.02), film(truth, 0.85)]), truth)).toBeLessThan(
        0.05,
      )
    }
  })

  it('names the swatch and the value that cannot be', () => {
    const paint = starterPaints[9]!
    const caught = (swatches: Swatch[]): CalibrationError => {
      try {
        calibratePaint(swatches)
      } catch (error) {
        if (error instanceof CalibrationError) return error
        throw error
      }
      throw new Error('nothing was thrown')
    }
    const masstone: Swatch = { kind: 'masstone', reflectance: opaqueReflectance(paint) }
    const glare = film(paint, 0.85)
    glare.reflectance![4] = 0.99
    expect(caught([film(paint, 0.02), glare])).toMatchObject({
      swatch: 2,
      value: 0.99,
      wavelengthNm: 420,
    })
    const brighter = film(paint, 0.02)
    brighter.reflectance!.fill(0.9)
    expect(caught([film(paint, 0.85), brighter]).message).toContain('no film of one thickness')
    expect(caught([masstone, { ...tint(paint, 0.1), share: 2 } as Swatch])).toMatchObject({
      swatch: 2,
      value: 2,
    })
    const wrong = { ...tint(paint, 0.1), reflectance: flatSpectrum(0.001) } as Swatch
    expect(caught([masstone, wrong]).message).toContain('darker than the paint itself')
    expect(caught([masstone]).message).toContain('a masstone and a tint')
  })
})
