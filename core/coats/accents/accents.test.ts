import { describe, expect, it } from 'vitest'
import { lowTide, onTheBench } from '../../../demo/lowTide'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { filmReflectance } from '../../paint/film'
import { mixPaints } from '../../paint/mix'
import { starterPaints } from '../../paint/starter'
import { baseReflectance, zonesOf } from '../../tone/tone'
import { dryFilmUm } from '../dryFilm'
import { findRecipes } from '../../recipe/findRecipes'
import { accentFor, accentOn, readsAt } from './accents'
import { smallLadders } from './smallLadders'

const bench = starterPaints.filter(({ id }) => onTheBench.includes(id))
const toneOf = (id: string) => lowTide([]).figures.find((figure) => figure.id === id)!.tone
const asked = (id: string, zone: string) => {
  const tone = toneOf(id)
  const base = baseReflectance(tone)
  return { base, place: zonesOf(tone).find(({ key }) => key === zone)!.reflectance }
}

describe('accents', () => {
  it('bring every place of every demo figure nearer, by the film they say', () => {
    for (const { tone } of lowTide([]).figures) {
      const base = baseReflectance(tone)
      for (const { reflectance } of zonesOf(tone).slice(0, 8)) {
        const found = accentFor(base, base, reflectance, bench.slice(0, 10))
        expect(found.deltaE00).toBeLessThanOrEqual(deltaE00(found.before, found.target) + 1e-9)
        if (found.passes === 0) continue
        const thicknessUm = dryFilmUm(
          { kind: 'glaze', thinner: found.ratio, passes: found.passes },
          'flat',
        )
        const lab = labOf(filmReflectance(mixPaints(found.parts), { thicknessUm, over: base }))
        expect(deltaE00(lab, found.after)).toBeLessThan(1e-6)
      }
    }
  })

  it('T14: a glaze right on dark skin is too much on pale skin', () => {
    const dark = asked('tunde', 'cheek')
    const accent = accentFor(dark.base, dark.base, dark.place, bench)
    expect(accent.passes).toBeGreaterThan(0)
    const pale = baseReflectance(toneOf('bram'))
    expect(accentOn(accent, pale).shift).toBeGreaterThan(1.3 * accentOn(accent, dark.base).shift)
  })

  it('T17: the upper lip is darker than the lower; stubble cools the jaw', () => {
    const of = (zone: string) => {
      const { base, place } = asked('bram', zone)
      return accentFor(base, base, place, bench)
    }
    expect(of('upper-lip').after.L).toBeLessThan(of('lower-lip').after.L)
    const stubble = of('stubble')
    expect(stubble.after.L).toBeLessThan(stubble.before.L)
    expect(Math.hypot(stubble.after.a, stubble.after.b)).toBeLessThan(
      Math.hypot(stubble.before.a, stubble.before.b),
    )
  })

  it('T18: eyes and teeth are mixed, never pure white, and claws never pure black', () => {
    for (const { targets, key } of smallLadders) {
      const mixes = targets.map(
        (target) => findRecipes({ target, paints: bench, maxPaints: 2, maxDrops: 30 })[0]!,
      )
      for (const { parts } of mixes) expect(parts.length, key).toBeGreaterThan(1)
      expect(mixes[0]!.lab.L).toBeLessThan(mixes[1]!.lab.L)
      expect(mixes[1]!.lab.L).toBeLessThan(mixes[2]!.lab.L)
    }
  })

  it('reads less from afar, and not at all stronger from near', () => {
    expect(readsAt(8, 0.3, 35)).toBe(8)
    expect(readsAt(8, 0.3, 150)).toBeLessThan(3.5)
    expect(readsAt(8, 3, 150)).toBe(8)
  })
})
