import { deltaE00, labOf, skinReflectance, usualCarotene } from '../../../core'
import { nelderMead } from '../../../core/numbers/nelderMead'
import { worstOf } from '../row'
import type { Row } from '../row'

type Triple = [L: number, a: number, b: number]

/**
 * Middles of measured skins, L*, a*, b*, D65; recalled from the four populations of Xiao et al. 2017 (Skin Res.
 * Technol. 23, 21, doi:10.1111/srt.12295), not copied from its tables.
 */
const measured: Record<'pale' | 'tan' | 'deep', Record<string, Triple>> = {
  pale: {
    'European cheek': [62.5, 15, 16],
    'European cheek, rosy': [60, 17, 14],
    'European cheek, golden': [65, 13, 18],
    'European forehead': [64, 12, 17],
    'European inner arm': [69, 6, 15],
  },
  tan: {
    'East Asian cheek': [62, 13, 17],
    'East Asian forehead': [61, 12, 19],
    'East Asian inner arm': [66, 7, 17],
    'weathered tan': [54, 11, 18],
  },
  deep: {
    'African forehead': [41, 10, 15],
    'African cheek': [40, 12, 15],
    'African inner arm': [46, 10, 17],
  },
}

/** How near melanin, blood and oxygen bring a skin of the carotene it usually has to a colour. */
function nearest([L, a, b]: Triple): number {
  const skin = ([melanin, blood, oxygen]: readonly number[]) => {
    const held = Math.min(0.45, Math.max(0.003, Math.exp(melanin!)))
    return {
      melanin: held,
      blood: Math.min(0.1, Math.max(0.001, Math.exp(blood!))),
      oxygenation: 0.98 / (1 + Math.exp(-oxygen!)),
      carotene: usualCarotene(held),
    }
  }
  const off = (x: readonly number[]): number =>
    deltaE00(labOf(skinReflectance(skin(x))), { L, a, b, white: 'D65/2' })
  return Math.min(
    ...[0.006, 0.03, 0.1, 0.3].map(
      (melanin) => nelderMead(off, [Math.log(melanin), Math.log(0.02), 1.2], [0.5, 0.5, 0.5]).value,
    ),
  )
}

/** Complexions that were measured, reached at the carotene they usually have. */
export const complexions = (): Row[] =>
  Object.entries(measured).map(([name, places]) => {
    const offs = Object.values(places).map(nearest)
    return {
      what: `${name} skins reached at their usual carotene, ΔE00`,
      against: 'recalled, Xiao et al. 2017',
      cases: offs.length,
      worst: worstOf(offs),
      limit: 2,
    }
  })
