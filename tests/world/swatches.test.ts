import { describe, expect, it } from 'vitest'
import {
  calibratePaint,
  CalibrationError,
  filmReflectance,
  flatSpectrum,
  predictMix,
  starterPaints,
} from '../../core'
import type { Mixture, Paint, Swatch } from '../../core'
import { anySingle, singleBottle } from './bottles'
import { exactCoats, exactGround } from '../reference/addingDoubling'
import { opaque, plainWorld, read } from './physics'
import { apart, chance, mean, mixedIn, share, sure, white } from './trial'
import type { Unseen } from './trial'
import { many } from '../thorough'

const SEEDS = [1]
const toFour = (R: Float64Array): Float64Array => R.map((r) => Math.round(1e4 * r) / 1e4)

/** A mix of a calibrated paint with another and white, all but it known: off by, and whether the band holds it. */
function unseen(paint: Paint, bottle: Mixture, random: () => number) {
  const other = starterPaints[Math.floor(random() * starterPaints.length)]!
  const drops: Unseen['drops'] = [1 + Math.floor(4 * random()), 1 + Math.floor(4 * random()), 3]
  const { lab, within } = predictMix(
    [paint, sure(other), sure(white)].map((one, i) => ({ paint: one, drops: drops[i]! })),
  )
  const off = apart(lab, mixedIn({ bottle, other, drops }))
  return { off, holds: off <= within }
}

describe('films over black and white', () => {
  const grounds = [0.02, 0.85].map((over) => flatSpectrum(over))
  /** Films lie as exact layers have it, not as the core does. */
  const exactGrounds = grounds.map(exactGround)

  it('of every starter are taken at four decimals, on any card and at any thickness', () => {
    for (const thicknessUm of [20])
      for (const grounds of [
        [0.02, 0.85],
        [0, 0.88],
      ])
        for (const paint of starterPaints) {
          const swatches = grounds.map((over): Swatch => {
            const told = { thicknessUm, over: flatSpectrum(over) }
            return { kind: 'film', ...told, reflectance: toFour(filmReflectance(paint, told)) }
          })
          expect(() => calibratePaint(swatches), `${paint.id} ${thicknessUm}`).not.toThrow()
        }
  }, 120_000)

  it('a quarter thicker or thinner than told: unseen mixes within 3, and the band holds two in three', () => {
    for (const seed of SEEDS) {
      const { random, normal } = chance(seed)
      const found = Array.from({ length: many(60, 30) }, () => {
        const bottle = anySingle(random, normal)
        const real = 20 * Math.exp(0.25 * normal())
        const ends = exactCoats([{ paint: bottle, thicknessUm: real }], exactGrounds)
        const swatches = grounds.map((over, g): Swatch => {
          const reflectance = read(ends[g]!, normal)
          return { kind: 'film', thicknessUm: 20, over, reflectance }
        })
        return unseen(calibratePaint(swatches), bottle, random)
      })
      expect(mean(found.map(({ off }) => off))).toBeLessThan(3)
      const held = share(found.map(({ holds }) => holds))
      expect(held).toBeGreaterThan(0.55)
      expect(held).toBeLessThan(0.88)
    }
  }, 120_000)
})

describe('a tint', () => {
  const tintOf = (bottle: Mixture, inWhite: Mixture, normal: () => number): Swatch[] => [
    {
      kind: 'masstone',
      reflectance: read(opaque([{ bottle, share: 1 }], plainWorld), normal),
    },
    {
      kind: 'tint',
      share: 0.1,
      white,
      reflectance: read(
        opaque(
          [
            { bottle, share: 0.1 },
            { bottle: inWhite, share: 0.9 },
          ],
          plainWorld,
        ),
        normal,
      ),
    },
  ]

  it('in another white than the one told is refused at most once in twenty', () => {
    for (const seed of SEEDS) {
      const { random, normal } = chance(seed)
      const refused = Array.from({ length: many(80, 30) }, () => {
        const bottle = anySingle(random, normal)
        try {
          calibratePaint(tintOf(bottle, singleBottle(white, normal), normal))
          return false
        } catch (error) {
          if (error instanceof CalibrationError) return true
          throw error
        }
      })
      expect(share(refused)).toBeLessThanOrEqual(0.05)
    }
  }, 120_000)

  it('in the white told, unseen mixes are within 1.5 on average', () => {
    const { random, normal } = chance(3)
    const found = Array.from({ length: many(80, 30) }, () => {
      const bottle = anySingle(random, normal)
      return unseen(calibratePaint(tintOf(bottle, white, normal)), bottle, random).off
    })
    expect(mean(found)).toBeLessThan(1.5)
  }, 60_000)

  it('that cannot be is refused with the band and the value', () => {
    const { normal } = chance(4)
    const bottle = singleBottle(starterPaints[11]!, normal)
    const swatches = tintOf(bottle, white, normal)
    swatches[1]!.reflectance![20] = 0.99
    let told: unknown
    try {
      calibratePaint(swatches)
    } catch (error) {
      told = error
    }
    expect(told).toMatchObject({ swatch: 2, value: 0.99, wavelengthNm: 580 })
  })
})
