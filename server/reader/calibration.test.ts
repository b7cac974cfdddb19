import { describe, expect, it } from 'vitest'
import {
  calibratePaint,
  deltaE00,
  drawdownCard,
  estimatePaint,
  flatSpectrum,
  labOf,
  opacityOf,
  predictMix,
  starterPaints,
} from '../../core'
import type { Paint } from '../../core'
import { hiddenPaints } from './hiddenPaints'
import { Instrument } from './instrument'
import { seeded } from '../../core/numbers/seeded'

/** Calibrating from the simulated reader: how far unseen mixes are off, and whether the band says so. */
const SEEDS = 67
const FILM_UM = 8
const colours = starterPaints.filter(({ pigments }) => pigments.some((p) => !p.startsWith('PW')))

type Route = 'colour' | 'films' | 'tint'
const results: Record<Route, { off: number; within: number }[]> = {
  colour: [],
  films: [],
  tint: [],
}

for (let seed = 1; seed <= SEEDS; seed++) {
  const hidden = hiddenPaints(seed)
  const reader = new Instrument(hidden, seed + 1000, () => 0)
  reader.calibrate()
  const random = seeded(seed * 7 + 1)
  const white = hidden.get('titanium-white')!
  const parts = [0, 1, 2].map(() => ({
    paint: colours[Math.floor(random() * colours.length)]!.id,
    drops: 1 + Math.floor(random() * 5),
  }))
  const byRoute: Record<Route, (id: string) => Paint> = {
    colour: (id) =>
      estimatePaint(
        labOf(reader.measure({ kind: 'masstone', paint: id })),
        opacityOf(hidden.get(id)!),
      ),
    films: (id) =>
      calibratePaint(
        (['black', 'white'] as const).map((over) => ({
          kind: 'film' as const,
          thicknessUm: FILM_UM,
          over: flatSpectrum(drawdownCard[over]),
          reflectance: reader.measure({ kind: 'film', paint: id, thicknessUm: FILM_UM, over }),
        })),
      ),
    tint: (id) =>
      calibratePaint([
        { kind: 'masstone', reflectance: reader.measure({ kind: 'masstone', paint: id }) },
        {
          kind: 'tint',
          share: 0.1,
          white,
          reflectance: reader.measure({
            kind: 'tint',
            paint: id,
            white: 'titanium-white',
            share: 0.1,
          }),
        },
      ]),
  }
  const truth = labOf(reader.truth({ kind: 'mix', parts }))
  for (const route of Object.keys(results) as Route[]) {
    const { lab, within } = predictMix(
      parts.map(({ paint, drops }) => ({ paint: byRoute[route](paint), drops })),
    )
    results[route].push({ off: deltaE00(lab, truth), within })
  }
}
const mean = (route: Route): number =>
  results[route].reduce((sum, { off }) => sum + off, 0) / results[route].length
const covered = (list: readonly { off: number; within: number }[]): number =>
  list.filter(({ off, within }) => off <= within).length / list.length

describe('mixes of three paints that were read on their own', () => {
  it('films over black and white, or neat and tint, predict them within a mean of 1.5 ΔE00', () => {
    expect(mean('films')).toBeLessThan(1.5)
    expect(mean('tint')).toBeLessThan(1.5)
  })

  it('one colour and how opaque it is predict them within a mean of 5', () => {
    expect(mean('colour')).toBeLessThan(5)
    expect(mean('colour')).toBeGreaterThan(mean('films'))
  })

  it('the stated band of two in three covers 55 to 80% of 201 cases', () => {
    const all = Object.values(results).flat()
    expect(all).toHaveLength(201)
    expect(covered(all)).toBeGreaterThan(0.55)
    expect(covered(all)).toBeLessThan(0.8)
  })
})
