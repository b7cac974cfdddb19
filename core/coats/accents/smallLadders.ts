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
