import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { chromaOf, hueOf } from '../../colour/lch'
import { contrastRatio } from '../../paint/hiding'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import type { Lab } from '../../colour/lab'
import type { Patience } from '../closest'
import type { Limits, Recipe } from '../recipe'
import { RecipeSearch } from '../search/recipeSearch'

/** How another paint stands to one: how far off, and in words what it is more or less of. */
export interface Likeness {
  paint: Paint
  deltaE00: number
  words: string[]
}

/** Differences smaller than these are not worth a word. */
const LIGHTNESS = 3
const CHROMA = 4
const HUE = 6
const HIDING = 0.12

const seen = (paint: Paint) => labOf(opaqueReflectance(paint))

/** What the other paint is, beside this one. */
export function differenceInWords(one: Paint, other: Paint): string[] {
  const [a, b] = [seen(one), seen(other)]
  const words: string[] = []
  if (Math.abs(b.L - a.L) > LIGHTNESS) words.push(b.L > a.L ? 'lighter' : 'darker')
  const chroma = chromaOf(b) - chromaOf(a)
  if (Math.abs(chroma) > CHROMA) words.push(chroma > 0 ? 'more saturated' : 'greyer')
  const hue = ((hueOf(b) - hueOf(a) + 540) % 360) - 180
  if (Math.abs(hue) > HUE && Math.min(chromaOf(a), chromaOf(b)) > 6)
    words.push(
      b.a - a.a > Math.abs(b.b - a.b)
        ? 'redder'
        : b.b > a.b
          ? 'yellower'
          : a.a - b.a > a.b - b.b
            ? 'greener'
            : 'bluer',
    )
  const hides = contrastRatio(other, 10) - contrastRatio(one, 10)
  if (Math.abs(hides) > HIDING) words.push(hides > 0 ? 'more opaque' : 'more translucent')
  return words.length > 0 ? words : ['hardly to be told apart']
}

/**
 * The single bottles that come nearest, by CIEDE2000 of their opaque coats.
 * @example nearestPaints(ochre, box, 1)[0].deltaE00
 */
export const nearestPaints = (paint: Paint, box: readonly Paint[], count = 3): Likeness[] =>
  box
    .filter(({ id }) => id !== paint.id)
    .map((other) => ({
      paint: other,
      deltaE00: deltaE00(seen(paint), seen(other)),
      words: differenceInWords(paint, other),
    }))
    .sort((one, other) => one.deltaE00 - other.deltaE00)
    .slice(0, count)

/**
 * Mixes of the rest of the box that stand in for a paint, best first; proved or the best in the time given.
 * @example standIns(ochre, box, { until, now })[0].deltaE00
 */
export function standIns(
  paint: Paint,
  box: readonly Paint[],
  { until, now }: Patience,
  limit = 2,
): Recipe[] {
  const rest = box.filter(({ id }) => id !== paint.id)
  if (rest.length === 0) return []
  const request = { target: seen(paint), paints: rest, maxPaints: 3, maxDrops: 8, limit }
  return new RecipeSearch(request).step(until, now).best
}

/**
 * The best recipe for what a recipe looked like, without one of its paints.
 * @example substituteRecipe(flesh, 'yellow-ochre', box, { maxPaints: 3, maxDrops: 8 }, { until, now })
 */
export function substituteRecipe(
  lab: Lab,
  missing: string,
  box: readonly Paint[],
  limits: Limits,
  { until, now }: Patience,
): Recipe | undefined {
  const rest = box.filter(({ id }) => id !== missing)
  if (rest.length === 0) return undefined
  return new RecipeSearch({ target: lab, paints: rest, ...limits }).step(until, now).best[0]
}
