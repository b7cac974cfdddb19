import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Spectrum } from '../../colour/spectrum'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import { dropsIn } from '../../puddle/drops'
import type { Recipe } from '../recipe'
import { preferredRecipe } from './preferences'
import type { Preference, Stock } from './preferences'
import { steadinessOf } from './steadiness'

export type AlternativeKind =
  | 'shared'
  | 'closest'
  | Preference
  | 'simpler'
  | 'smaller'
  | 'safer'
  | 'steadier'
  | 'lamp'
  | 'other paints'

export interface Alternative {
  recipe: Recipe
  /** What speaks for it. */
  kind: AlternativeKind
  /** Root mean square ΔE00 of uneven drops. */
  uneven: number
  /** ΔE00 under the warm lamp, where the target's reflectance is known. */
  underLamp?: number
}

/** So much further off is still nearly as good; what the eye hardly tells. */
const NEARLY = 1
const dropsOf = ({ parts }: Recipe): number => dropsIn(parts)
const hazardsOf = ({ parts }: Recipe): number =>
  new Set(parts.flatMap(({ paint }) => paint.hazards)).size
const paintsOf = ({ parts }: Recipe): string =>
  parts
    .map(({ paint }) => paint.id)
    .sort()
    .join()

/** Nearer by less than this is less than the doubt of bottles that were not measured, ΔE00 (from our trials). */
const DOUBTFUL = 2

/** Of recipes that differ by less than their doubt: the one that opens fewest bottles anew, then the fewest at all. */
function sharing(near: readonly Recipe[], open: ReadonlySet<string>): Recipe | undefined {
  const anew = ({ parts }: Recipe): number =>
    parts.filter(({ paint }) => !open.has(paint.id)).length
  return [...near].sort(
    (one, other) =>
      anew(one) - anew(other) ||
      one.parts.length - other.parts.length ||
      one.deltaE00 - other.deltaE00,
  )[0]
}

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
 * @param open bottles that are open anyway, by id; what differs by less than its doubt and shares them comes first.
 * @param wish a preference; what meets it best among the nearly as close comes second.
 * @example alternatives(found)[0].recipe === found[0] // true
 */
export function alternatives(
  found: readonly Recipe[],
  target?: Spectrum,
  wish?: { preference: Preference; stock: ReadonlyMap<string, Stock> },
  open: ReadonlySet<string> = new Set(),
): Alternative[] {
  const first = found[0]
  if (!first) return []
  const look = (recipe: Recipe, kind: AlternativeKind): Alternative => ({
    recipe,
    kind,
    uneven: steadinessOf(recipe.parts).uneven,
    ...(target ? { underLamp: lampOff(recipe, target) } : {}),
  })
  const near = found.filter(({ deltaE00 }) => deltaE00 <= first.deltaE00 + 5 * NEARLY).slice(0, 200)
  const best = look(first, 'closest')
  const all = near.map((recipe) => look(recipe, 'closest'))
  const chosen: Alternative[] = [best]
  const taken = new Set([first])
  const add = (one: Alternative | undefined, kind: AlternativeKind): void => {
    if (!one || taken.has(one.recipe)) return
    taken.add(one.recipe)
    chosen.push({ ...one, kind })
  }
  if (wish) {
    const preferred = preferredRecipe(
      all.map(({ recipe }) => recipe),
      wish.preference,
      wish.stock,
      NEARLY,
    )
    add(
      all.find(({ recipe }) => recipe === preferred),
      wish.preference,
    )
  }
  add(
    all.find(({ recipe }) => recipe.parts.length < first.parts.length),
    'simpler',
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
  add(smaller, 'smaller')
  if (hazardsOf(first) > 0)
    add(
      all.find(({ recipe }) => hazardsOf(recipe) === 0),
      'safer',
    )
  const steadier = all
    .filter(
      ({ recipe, uneven }) =>
        uneven < 0.75 * best.uneven && recipe.deltaE00 <= first.deltaE00 + NEARLY,
    )
    .sort((one, other) => one.uneven - other.uneven)[0]
  add(steadier, 'steadier')
  if (target) {
    const lamp = all
      .filter(({ recipe }) => recipe.deltaE00 <= first.deltaE00 + NEARLY)
      .sort((one, other) => one.underLamp! - other.underLamp!)[0]
    if (lamp && lamp.underLamp! < best.underLamp! - 0.3) add(lamp, 'lamp')
  }
  const used = new Set(first.parts.map(({ paint }) => paint.id))
  const other = all.find(
    ({ recipe }) =>
      paintsOf(recipe) !== paintsOf(first) &&
      recipe.parts.filter(({ paint }) => used.has(paint.id)).length <= 1,
  )
  add(other, 'other paints')
  const shared =
    open.size > 0
      ? sharing(
          near.filter(({ deltaE00 }) => deltaE00 <= first.deltaE00 + DOUBTFUL),
          open,
        )
      : undefined
  if (!shared || shared === first) return chosen
  return [look(shared, 'shared'), ...chosen.filter(({ recipe }) => recipe !== shared)]
}
