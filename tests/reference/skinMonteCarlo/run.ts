import { writeFileSync } from 'node:fs'
import { BANDS } from '../../../core'
import { DEPTH_UM, layerAbsorption, PATHS, skinScattering } from '../../../core/tone/skin'
import type { Skin } from '../../../core'
import { seeded } from '../../../core/numbers/seeded'
import { diffuseReflectance } from './transport'

/**
 * Makes table.json: reflectances of thirty-one skins over the whole range by a seeded Monte Carlo of the
 * same two layers that the closed form stands for. Run with `npx tsx tests/reference/skinMonteCarlo/run.ts`.
 */
const PHOTONS = 4000
const grid = (melanins: number[], bloods: number[], held: boolean) =>
  melanins.flatMap((melanin) =>
    bloods.map((blood, i) => ({
      held,
      skin: {
        melanin,
        blood,
        oxygenation: [0.8, 0.4, 0.95, 0.1][i]!,
        carotene: [10, 25, 5, 10][i]!,
      } satisfies Skin,
    })),
  )
/** The constants of the closed form were fitted to the first sixteen; the rest are held back. */
const skins = [
  ...grid([0.005, 0.02, 0.08, 0.3], [0.004, 0.015, 0.04, 0.09], false),
  ...grid([0.003, 0.01, 0.04, 0.15, 0.42], [0.002, 0.009, 0.06], true),
]

const random = seeded(1107)
const rows = skins.map(({ skin, held }) => {
  const reflectance = Array.from({ length: BANDS }, (_, band) => {
    const { epidermis, dermis } = layerAbsorption(skin, band)
    const scattering = skinScattering(skin, band)
    return PATHS.reduce(
      (sum, [path, share]) =>
        sum +
        share *
          diffuseReflectance(
            { depthCm: (DEPTH_UM / 1e4) * path, scattering, epidermis, dermis },
            PHOTONS,
            random,
          ),
      0,
    )
  })
  return { skin, held, reflectance: reflectance.map((r) => Number(r.toFixed(5))) }
})
const path = new URL('./table.json', import.meta.url)
writeFileSync(path, JSON.stringify({ photonsPerPath: PHOTONS, rows }, null, 1) + '\n')
