import { dropsIn } from '../../core'
import type { Alternative } from '../../core'

/** What speaks for a recipe, beside the closest. */
export function alternativeWords(
  { kind, recipe, uneven, underLamp = 0 }: Alternative,
  closest: Alternative,
): string {
  const off = `off by ${recipe.deltaE00.toFixed(1)}`
  switch (kind) {
    case 'shared':
      return `Fewest bottles anew, ${off}`
    case 'closest':
      return 'Closest'
    case 'opaque':
      return `Covers best, ${off}`
    case 'nearly empty':
      return `Uses up what is nearly empty, ${off}`
    case 'cheapest':
      return `Cheapest, ${off}`
    case 'simpler':
      return `Simpler: ${recipe.parts.length === 1 ? 'one paint' : `${recipe.parts.length} paints`}, ${off}`
    case 'smaller':
      return `Smaller: ${dropsIn(recipe.parts)} drops, ${off}`
    case 'safer':
      return `Safer: no hazard words, ${off}`
    case 'steadier':
      return `Steadier: uneven drops move it ${uneven.toFixed(1)} instead of ${closest.uneven.toFixed(1)}`
    case 'lamp':
      return `Better under a warm lamp: ${underLamp.toFixed(1)} off there instead of ${(closest.underLamp ?? 0).toFixed(1)}`
    case 'other paints':
      return `Other paints, ${off}`
  }
}
