import { drawdownCard, flatSpectrum } from '../../../../core'
import type {
  Finish,
  HazardKey,
  OpacityClass,
  PaintKind,
  Swatch,
  SwatchReading,
  TintStep,
} from '../../../../core'
import { paintOf } from '../../../stores/paints'
import type { SolveJob } from '../../../workers/boxJobs'

export type ToldBy = 'eye' | 'films' | 'tint' | 'list'

/** What has been told and read of a bottle so far. */
interface ToldSoFar {
  way: ToldBy
  kind: PaintKind
  hazards: HazardKey[]
  pigments: string[]
  opacity: OpacityClass
  tintStep: TintStep | undefined
  finish: Finish
  film: { thicknessUm: number }
  tint: { white: string; whiteParts: number }
  neat: SwatchReading | undefined
  tinted: SwatchReading | undefined
  black: SwatchReading | undefined
  white: SwatchReading | undefined
}

/** The readings of a way as swatches; nothing while one is missing. */
function swatchesOf(told: ToldSoFar): Swatch[] | undefined {
  const { neat, tinted, black, white } = told
  if (told.way === 'tint') {
    if (!neat || !tinted) return undefined
    const { K, S } = paintOf(told.tint.white)
    const share = 1 / (1 + told.tint.whiteParts)
    return [
      { kind: 'masstone', ...neat },
      { kind: 'tint', share, white: { K, S }, ...tinted },
    ]
  }
  if (!black || !white) return undefined
  const { thicknessUm } = told.film
  return [
    { kind: 'film', thicknessUm, over: flatSpectrum(drawdownCard.black), ...black },
    { kind: 'film', thicknessUm, over: flatSpectrum(drawdownCard.white), ...white },
  ]
}

/** What is to be solved for a bottle from what was told of it; nothing while that is not enough. */
export function solveJobOf(told: ToldSoFar): SolveJob | undefined {
  const { way, kind, hazards, neat } = told
  if (way === 'list') return undefined
  if (way !== 'eye') {
    const swatches = swatchesOf(told)
    return swatches && { swatches, about: { kind, hazards } }
  }
  return (
    neat && {
      colour: neat.reflectance ?? neat.lab!,
      source: neat.source,
      opacity: told.opacity,
      about: { kind, hazards, pigments: told.pigments },
      tint: told.tintStep,
      finish: told.finish,
    }
  )
}
