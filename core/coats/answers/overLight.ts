import type { Relief } from '../../project/coat'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import type { Spectrum } from '../../colour/spectrum'
import { filmReflectance } from '../../paint/film'
import { FILM, GROUND, seenOver, writeCoated, writeFilm, writeOpaque } from '../../paint/fourFluxes'
import { bisect } from '../../numbers/bisect'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { BRIGHTEST } from '../../paint/surface'
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

/** Halvings until a reflectance is known to a millionth. */
const HALVINGS = 20

/**
 * The colour that has to lie under a film for the film to look like `wanted`, band by band, held within what a
 * painted surface can reflect: more light from below is always more light seen, so halving finds it.
 * @example underFilm(ochre, 2, base).held
 */
export function underFilm(
  { K, S }: { K: Spectrum; S: Spectrum },
  thicknessUm: number,
  wanted: Spectrum,
): { reflectance: Spectrum; held: boolean } {
  let held = false
  const film = new Float64Array(FILM)
  const ground = new Float64Array(GROUND)
  const reflectance = wanted.map((seen, i) => {
    writeFilm(K[i]!, S[i]!, thicknessUm / 1000, film)
    const over = (backing: number): number => {
      writeOpaque(backing, ground)
      writeCoated(film, 0, ground, 0, ground, 0)
      return seenOver(ground)
    }
    if (over(0) > seen + 0.01 || over(BRIGHTEST) < seen) held = true
    return bisect(0, BRIGHTEST, (backing) => over(backing) >= seen, HALVINGS).high
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
