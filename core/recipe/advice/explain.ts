import type { Lab } from '../../colour/lab'
import { labOf } from '../../colour/lab'
import { chromaOf, hueOf } from '../../colour/lch'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { RecipeSearch } from '../search/recipeSearch'
import type { Limits, Recipe } from '../recipe'
import type { Patience } from '../closest'

/** What one paint does in a mix: the mix with it, less the mix without it. */
export interface Brings {
  paint: Paint
  lightness: number
  chroma: number
  /** Degrees, −180 to 180. */
  hue: number
  words: string[]
}

const seen = (parts: Recipe['parts']): Lab => labOf(opaqueReflectance(mixPaints(parts)))
const turn = (from: Lab, to: Lab): number => ((hueOf(to) - hueOf(from) + 540) % 360) - 180

/**
 * The way from one colour to another in a painter's words, the largest first.
 * @example wayInWords({ L: 50, a: 0, b: 0 }, { L: 60, a: 0, b: 0 }) // ["lighter"]
 */
export function wayInWords(from: Lab, to: Lab): string[] {
  const chroma = chromaOf(to) - chromaOf(from)
  const across = to.a - from.a
  const along = to.b - from.b
  const steps: [number, string][] = [
    [Math.abs(to.L - from.L), to.L > from.L ? 'lighter' : 'darker'],
    [Math.abs(chroma), chroma > 0 ? 'more saturated' : 'greyer'],
    [Math.abs(across), across > 0 ? 'redder' : 'greener'],
    [Math.abs(along), along > 0 ? 'yellower' : 'bluer'],
  ]
  return steps
    .filter(([size]) => size > 1.5)
    .sort((one, other) => other[0] - one[0])
    .slice(0, 3)
    .map(([, word]) => word)
}

/**
 * What every paint of a recipe brings; a mix of one paint is that paint.
 * @example whatPaintsBring(found[0])[0].lightness
 */
export function whatPaintsBring({ parts }: Pick<Recipe, 'parts'>): Brings[] {
  const whole = seen(parts)
  return parts.map(({ paint }, i) => {
    const rest = parts.filter((_, k) => k !== i)
    const without = rest.length > 0 ? seen(rest) : whole
    return {
      paint,
      lightness: whole.L - without.L,
      chroma: chromaOf(whole) - chromaOf(without),
      hue: turn(without, whole),
      words: wayInWords(without, whole),
    }
  })
}

/** A paint that is not in the box and what it would change. */
export interface Wish {
  paint: Paint
  recipe: Recipe
  /** ΔE00 nearer than the best without it. */
  gain: number
}

/**
 * The single paint that, added to the box, would bring a target nearest; searched over candidates with the
 * exact search, each no further than the best already found.
 * @example bestAddition({ target: flesh, paints: [white], maxPaints: 2, maxDrops: 6 }, box, 99, { until, now }).gain
 */
export function bestAddition(
  request: { target: Lab; paints: readonly Paint[] } & Limits,
  candidates: readonly Paint[],
  best: number,
  { until, now }: Patience,
): Wish | undefined {
  const have = new Set(request.paints.map(({ id }) => id))
  let wish: Wish | undefined
  for (const paint of candidates) {
    if (have.has(paint.id) || now() > until) continue
    const paints = [...request.paints, paint]
    const last = paints.length - 1
    const search = new RecipeSearch(
      { ...request, paints },
      // Recipes without the new paint are known already.
      { allows: (members, _drops, count) => members[count - 1] === last },
    )
    search.hint(wish ? wish.recipe.deltaE00 : best)
    const recipe = search.step(until, now).best[0]
    if (
      recipe &&
      recipe.deltaE00 < best - 0.05 &&
      (!wish || recipe.deltaE00 < wish.recipe.deltaE00)
    )
      wish = { paint, recipe, gain: best - recipe.deltaE00 }
  }
  return wish
}
