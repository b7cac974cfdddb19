import type { Paint } from '../../paint/paint'
import { ClosestRecipes } from '../../recipe/closest'
import type { Recipe } from '../../recipe/recipe'
import type { Lab } from '../../colour/lab'

/** Shadow, middle and light of what is not skin. */
export interface SmallLadder {
  key: string
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

/** Off-whites want many drops of white to one of a colour. */
const LIMITS = { maxPaints: 2, maxDrops: 30 }

/**
 * The small ladders mixed from a box: the closest recipe for each step.
 * @throws RangeError for an empty box.
 * @example mixSmallLadders(paints)[0].steps[1].parts
 */
export const mixSmallLadders = (paints: readonly Paint[]): MixedSmallLadder[] => {
  const closest = new ClosestRecipes()
  return smallLadders.map(({ key, name, targets }) => ({
    key,
    name,
    steps: targets.map((target) => closest.find(target, paints, LIMITS).best),
  }))
}
