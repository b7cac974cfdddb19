import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { canBeGiven } from '../../puddle/dispense'
import { findRecipes } from '../../recipe/findRecipes'
import type { Recipe } from '../../recipe/recipe'
import type { Lab } from '../../colour/lab'
import type { DetailKey } from '../../project/figure'

/** Shadow, middle and light of what is not skin. */
export interface SmallLadder {
  key: DetailKey
  name: string
  /** Common practice, in words. */
  words: string
  targets: readonly [shadow: Lab, middle: Lab, light: Lab]
}

/**
 * Off-white and off-black parts: never pure white, never pure black. Colours from memory, common practice,
 * no source.
 */
export const smallLadders: readonly SmallLadder[] = [
  {
    key: 'eye',
    name: 'Eye, the white of it',
    words: 'A pale warm grey, darker under the lid; pure white stares.',
    targets: [
      { L: 58, a: 3, b: 5 },
      { L: 73, a: 2, b: 5 },
      { L: 79, a: 1, b: 5 },
    ],
  },
  {
    key: 'clouded-eye',
    name: 'Clouded eye',
    words: 'A cold grey blue, held down with grey.',
    targets: [
      { L: 52, a: -2, b: -7 },
      { L: 66, a: -2, b: -6 },
      { L: 79, a: -2, b: -4 },
    ],
  },
  {
    key: 'teeth',
    name: 'Teeth',
    words: 'Bone, toward brown at the gum.',
    targets: [
      { L: 50, a: 5, b: 18 },
      { L: 68, a: 2, b: 16 },
      { L: 81, a: 0, b: 12 },
    ],
  },
  {
    key: 'claws',
    name: 'Claws and horn',
    words: 'Dark at the root, pale at the tip; no pure black.',
    targets: [
      { L: 20, a: 2, b: 4 },
      { L: 36, a: 3, b: 10 },
      { L: 58, a: 2, b: 14 },
    ],
  },
  {
    key: 'mouth',
    name: 'Inside of the mouth',
    words: 'Dark red-brown, deepest behind the teeth.',
    targets: [
      { L: 17, a: 12, b: 5 },
      { L: 30, a: 22, b: 10 },
      { L: 44, a: 28, b: 13 },
    ],
  },
]

export interface MixedSmallLadder extends Pick<SmallLadder, 'key' | 'name'> {
  steps: Recipe[]
}

/** Greys and bones are held down with a third paint. */
const LIMITS = { maxPaints: 3, maxDrops: 24 }
/** Off-whites want less than a drop of a strong paint to many of white. */
const LESS = [1, 0.5, 0.25] as const

/** So many recipes of a tone as pale as this are looked at for what they would be in less than drops. */
const PALE = { from: 75, candidates: 12 }

/** A recipe with less of what there is little of, where that comes nearer. */
function finer(recipe: Recipe, target: Lab): Recipe {
  const most = Math.max(...recipe.parts.map(({ drops }) => drops))
  let best = recipe
  const look = (parts: Recipe['parts'], at: number): void => {
    if (at === parts.length) {
      const lab = labOf(opaqueReflectance(mixPaints(parts)))
      const off = deltaE00(lab, target)
      if (off < best.deltaE00 - 0.1) best = { parts, lab, deltaE00: off }
      return
    }
    const { paint, drops } = parts[at]!
    for (const less of drops === most ? [1] : LESS)
      if (canBeGiven(drops * less))
        look(
          parts.map((part, i) => (i === at ? { paint, drops: drops * less } : part)),
          at + 1,
        )
  }
  look(recipe.parts, 0)
  return best
}

/**
 * The small ladders mixed from a box: the closest recipe for each step, in amounts that can be given.
 * @throws RangeError for an empty box.
 * @example mixSmallLadders(paints)[0].steps[1].parts
 */
export const mixSmallLadders = (paints: readonly Paint[]): MixedSmallLadder[] =>
  smallLadders.map(({ key, name, targets }) => ({
    key,
    name,
    steps: targets.map((target) =>
      // What is closest in whole drops need not be what is closest in less.
      findRecipes({
        target,
        paints: [...paints],
        ...LIMITS,
        limit: target.L > PALE.from ? PALE.candidates : 1,
      })
        .map((recipe) => finer(recipe, target))
        .reduce((best, next) => (next.deltaE00 < best.deltaE00 - 0.05 ? next : best)),
    ),
  }))
