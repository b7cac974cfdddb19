import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Scene } from '../../../tests/fixtures/card'
import { corners, paints, photograph, seen } from '../../../tests/fixtures/card'
import { readCard } from './readCard'

const plain: Scene = { cast: [1, 0.86, 0.62], exposure: 0.8, fall: 0.75 }

describe('a photographed calibration card', () => {
  it('gives its wells back within 2 ΔE00 through perspective, cast, uneven light and noise', () => {
    const { wells: read, warnings } = readCard(photograph(plain), corners)
    expect(warnings).toEqual([])
    read.forEach(({ overBlack, overWhite, troubles }, i) => {
      expect(troubles).toEqual([])
      expect(deltaE00(overBlack, labOf(seen[i]!.black)), paints[i]!.name).toBeLessThan(2)
      expect(deltaE00(overWhite, labOf(seen[i]!.white)), paints[i]!.name).toBeLessThan(2)
    })
  })

  it('flags what is burnt out or glares, and says when the light is too uneven', () => {
    const glaring = readCard(photograph({ ...plain, glare: 3 }), corners)
    expect(
      glaring.wells.filter(({ troubles }) => troubles.includes('glare')).map(({ well }) => well),
    ).toEqual([3])
    const burnt = { ...plain, exposure: 2.4, cast: [1, 1, 1] } as const
    expect(() => readCard(photograph(burnt), corners)).toThrow('burnt out')
    const shining = readCard(photograph({ ...plain, glare: 3, shine: 1 }), corners)
    expect(shining.wells[3]!.troubles).toContain('clipped')
    expect(readCard(photograph({ ...plain, fall: 0.45 }), corners).warnings.join()).toContain(
      'uneven',
    )
  })

  it('refuses corners that make no card, or are turned', () => {
    const picture = photograph(plain)
    const flat = corners.map(({ x }) => ({ x, y: 100 }))
    expect(() => readCard(picture, flat)).toThrow('on a line')
    expect(() => readCard(picture, [...corners.slice(2), ...corners.slice(0, 2)])).toThrow(
      'grey steps',
    )
    // Cut off below: what is missing is said, the rest is read.
    const cut = readCard({ ...picture, height: 440 }, corners)
    expect(cut.wells.at(-1)!.troubles).toContain('outside the picture')
    expect(cut.wells[0]!.troubles).toEqual([])
  })
})
