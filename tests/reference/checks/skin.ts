import { readFileSync } from 'node:fs'
import { deltaE00, fitSkin, labOf, skinReflectance, smoothestReflectance } from '../../../core'
import type { Skin } from '../../../core'
import { worstOf } from '../row'
import type { Row } from '../row'
import { chartPatches } from './smoothest'
import { atBands, samples } from './testSamples'

interface McRow {
  held: boolean
  skin: Skin
  reflectance: number[]
}
const { rows } = JSON.parse(
  readFileSync(new URL('../skinMonteCarlo/table.json', import.meta.url), 'utf8'),
) as { rows: McRow[] }

const sampleLab = (number: number) => labOf(atBands(samples[number - 1]!))

/** The skin model against a Monte Carlo of its own layers and against published skin colours. */
export function skin(): Row[] {
  const off = (held: boolean): number[] =>
    rows
      .filter((row) => row.held === held)
      .map((row) =>
        deltaE00(labOf(skinReflectance(row.skin)), labOf(Float64Array.from(row.reflectance))),
      )
  const row = (what: string, against: string, values: number[], limit: number): Row => ({
    what,
    against,
    cases: values.length,
    worst: worstOf(values),
    limit,
  })
  const skins = chartPatches
    .filter(({ name }) => name.includes('skin'))
    .map(({ lab }) => fitSkin([labOf(smoothestReflectance(lab))]).off)
  return [
    row('skin, closed form, ΔE00', 'Monte Carlo of the same layers', off(false), 3),
    row('skin, held out of the fit, ΔE00', 'Monte Carlo of the same layers', off(true), 3),
    row('skin patches explained by a skin, ΔE00', '24-patch chart', skins, 3),
    row(
      'test sample 15 explained by a skin, ΔE00',
      'CIE 13.3, JIS',
      [fitSkin([sampleLab(15)]).off],
      3,
    ),
    row(
      'test sample 13, a paint: not reached, ΔE00',
      'CIE 13.3',
      [fitSkin([sampleLab(13)]).off],
      10,
    ),
  ]
}
