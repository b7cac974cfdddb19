import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Spectrum } from '../../colour/spectrum'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Recipe } from '../recipe'
import { preferredRecipe } from './preferences'
import type { Preference, Stock } from './preferences'
import { steadinessOf } from './steadiness'

export interface Alternative {
  recipe: Recipe
  /** In one line, what speaks for it: closest, simpler, smaller, safer, steadier … */
  words: string
  /** Root mean square ΔE00 of uneven drops. */
  uneven: number
  /** ΔE00 under the warm lamp, where the target's reflectance is known. */
  underLamp?: number
}

/** So much further off is still nearly as good; what the eye hardly tells. */
const NEARLY = 1
const PREFERRED: Readonly<Record<Preference, string>> = {
  opaque: 'covers best',
  'nearly empty': 'uses up what is nearly empty',
  cheapest: 'cheapest',
}
const dropsOf = ({ parts }: Recipe): number => parts.reduce((sum, { drops }) => sum + drops, 0)
const hazardsOf = ({ parts }: Recipe): number =>
  new Set(parts.flatMap(({ paint }) => paint.hazards)).size
const paintsOf = ({ parts }: Recipe): string =>
  parts
    .map(({ paint }) => paint.id)
    .sort()
    .join()

/** Colour under the warm lamp (illuminant A), where metamers part. */
function lampOff(recipe: Recipe, target: Spectrum): number {
  const seen = opaqueReflectance(mixPaints(recipe.parts))
  return deltaE00(labOf(seen, { illuminant: 'A' }), labOf(target, { illuminant: 'A' }))
}

/**
 * A few recipes that really differ, picked from the best a search found: the closest, and then the best
 * one that is simpler, smaller, safer, steadier, better under the lamp or made of other paints.
 * @param found best first.
 * @param target the reflectance aimed at, where it is known.
 * @param wish a preference; what meets it best among the nearly as close comes second.
 */
export function alternatives(
  found: readonly Recipe[],
  target?: Spectrum,
  wish?: { preference: Preference; stock: ReadonlyMap<string, Stock> },
): Alternative[] {
  const first = found[0]
  if (!first) return []
  const look = (recipe: Recipe, words: string): Alternative => ({
    recipe,
    words,
    uneven: steadinessOf(recipe.parts).uneven,
    ...(target ? { underLamp: lampOff(recipe, target) } : {}),
  })
  const near = found.filter(({ deltaE00 }) => deltaE00 <= first.deltaE00 + 5 * NEARLY).slice(0, 200)
  const best = look(first, 'closest')
  const all = near.map((recipe) => look(recipe, ''))
  const chosen: Alternative[] = [best]
  const taken = new Set([first])
  const add = (one: Alternative | undefined, words: string): void => {
    if (!one || taken.has(one.recipe)) return
    taken.add(one.recipe)
    chosen.push({ ...one, words })
  }
  const off = (one: Alternative): string => `off by ${one.recipe.deltaE00.toFixed(1)}`
  if (wish) {
    const preferred = preferredRecipe(
      all.map(({ recipe }) => recipe),
      wish.preference,
      wish.stock,
      NEARLY,
    )
    const one = all.find(({ recipe }) => recipe === preferred)
    if (one) add(one, `${PREFERRED[wish.preference]}, off by ${one.recipe.deltaE00.toFixed(1)}`)
  }
  const simpler = all.find(({ recipe }) => recipe.parts.length < first.parts.length)
  if (simpler)
    add(
      simpler,
      `simpler: ${simpler.recipe.parts.length === 1 ? 'one paint' : `${simpler.recipe.parts.length} paints`}, ${off(simpler)}`,
    )
  const smaller = all
    .filter(
      ({ recipe }) =>
        dropsOf(recipe) <= 0.6 * dropsOf(first) && recipe.deltaE00 <= first.deltaE00 + 2 * NEARLY,
    )
    .sort(
      (one, other) =>
        dropsOf(one.recipe) - dropsOf(other.recipe) || one.recipe.deltaE00 - other.recipe.deltaE00,
    )[0]
  if (smaller) add(smaller, `smaller: ${dropsOf(smaller.recipe)} drops, ${off(smaller)}`)
  if (hazardsOf(first) > 0) {
    const safer = all.find(({ recipe }) => hazardsOf(recipe) === 0)
    if (safer) add(safer, `safer: no hazard words, ${off(safer)}`)
  }
  const steadier = all
    .filter(
      ({ recipe, uneven }) =>
        uneven < 0.75 * best.uneven && recipe.deltaE00 <= first.deltaE00 + NEARLY,
    )
    .sort((one, other) => one.uneven - other.uneven)[0]
  if (steadier)
    add(
      steadier,
      `steadier: uneven drops move it ${steadier.uneven.toFixed(1)} instead of ${best.uneven.toFixed(1)}`,
    )
  if (target) {
    const lamp = all
      .filter(({ recipe }) => recipe.deltaE00 <= first.deltaE00 + NEARLY)
      .sort((one, other) => one.underLamp! - other.underLamp!)[0]
    if (lamp && lamp.underLamp! < best.underLamp! - 0.3)
      add(
        lamp,
        `better under a warm lamp: ${lamp.underLamp!.toFixed(1)} off there instead of ${best.underLamp!.toFixed(1)}`,
      )
  }
  const used = new Set(first.parts.map(({ paint }) => paint.id))
  const other = all.find(
    ({ recipe }) =>
      paintsOf(recipe) !== paintsOf(first) &&
      recipe.parts.filter(({ paint }) => used.has(paint.id)).length <= 1,
  )
  if (other) add(other, `other paints, ${off(other)}`)
  return chosen
}

/** Of recipes nearly as close as the best, the steadiest; the best itself when none is. */
export function steadiest(found: readonly Recipe[], nearly = 0.3): Recipe | undefined {
  const first = found[0]
  if (!first) return undefined
  return found
    .filter(({ deltaE00 }) => deltaE00 <= first.deltaE00 + nearly)
    .map((recipe) => ({ recipe, uneven: steadinessOf(recipe.parts).uneven }))
    .reduce((one, next) => (next.uneven < one.uneven ? next : one)).recipe
}
