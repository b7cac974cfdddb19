import type { Relief } from '../../project/coat'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import type { Spectrum } from '../../colour/spectrum'
import { filmReflectance, filmTau } from '../../paint/film'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { BRIGHTEST, inside, outside } from '../../paint/surface'
import type { Limits, Recipe } from '../../recipe/recipe'
import { RecipeSearch } from '../../recipe/search/recipeSearch'
import { dryFilmUm } from '../dryFilm'
import type { StackCoat } from '../stack'

export interface OverLight {
  /** What to paint before the coat. */
  recipe: Recipe
  /** Where the end lands once the coat is on, and how far off that is. */
  lands: Lab
  deltaE00: number
  /** Whether the end lands within 1 ΔE00. */
  reachable: boolean
  /** When not: the coat is too strong for any surface below it, or the box mixes nothing near enough. */
  because?: 'coat' | 'box'
}

/**
 * The colour that has to lie under a film for the film to look like `wanted`: Kubelka's film equation
 * solved for its backing, band by band, held within what a painted surface can reflect.
 * @example underFilm(ochre, 2, base).held
 */
export function underFilm(
  { K, S }: { K: Spectrum; S: Spectrum },
  thicknessUm: number,
  wanted: Spectrum,
): { reflectance: Spectrum; held: boolean } {
  let held = false
  const reflectance = wanted.map((seen, i) => {
    const tau = filmTau(K[i]!, S[i]!, thicknessUm / 1000)
    const R = inside(seen)
    const below = 1 - tau * (K[i]! + S[i]!) + tau * S[i]! * R
    const backing = below > 1e-9 ? (R * (1 + tau * (K[i]! + S[i]!)) - tau * S[i]!) / below : 1
    const out = outside(Math.max(0, Math.min(1, backing)))
    if (backing < -0.02 || backing > 1) held = true
    return Math.min(BRIGHTEST, out)
  })
  return { reflectance, held }
}

/**
 * How far to over-light before a wash or glaze so that the end lands on a step: the backing that the film
 * wants, and, among the recipes nearest to it, the one whose end is nearest to the target when the coat
 * is laid.
 * @example overLight(base, coat, box, { maxPaints: 2, maxDrops: 6 }).reachable
 */
export function overLight(
  target: Spectrum,
  coat: StackCoat,
  paints: readonly Paint[],
  limits: Limits,
  relief: Relief = 'flat',
): OverLight {
  const mixture = mixPaints(coat.parts)
  const thicknessUm = dryFilmUm(coat, relief)
  const wanted = labOf(target)
  const { reflectance, held } = underFilm(mixture, thicknessUm, target)
  const found = new RecipeSearch({ ...limits, target: labOf(reflectance), paints, limit: 40 }).step(
    Infinity,
    () => 0,
  ).best
  const ends = found.map((recipe) => {
    const over = opaqueReflectance(mixPaints(recipe.parts))
    const lands = labOf(filmReflectance(mixture, { thicknessUm, over }))
    return { recipe, lands, deltaE00: deltaE00(lands, wanted) }
  })
  const best = ends.reduce((one, next) => (next.deltaE00 < one.deltaE00 ? next : one))
  const reachable = best.deltaE00 <= 1
  return { ...best, reachable, ...(reachable ? {} : { because: held ? 'coat' : 'box' }) }
}
