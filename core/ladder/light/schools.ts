import type { Lab } from '../../colour/lab'
import type { LightSchool, ShadowSchool } from '../../project/schoolKeys'

/** What a school of shadow or light does, and when painters choose it; common practice, no source. */
interface School {
  name: string
  does: string
  when: string
}

/** Schools of shadow. Each but "own" and "complement" turns toward a colour of its own. */
export const shadowSchools = {
  own: {
    name: 'own colour',
    does: 'The skin’s own colour once more: darker and more saturated.',
    when: 'A single family; calm figures, hides.',
    toward: undefined,
  },
  violet: {
    name: 'violet',
    does: 'Holds a little red and a little blue, so it suits every hue.',
    when: 'The safe one, for any complexion and for mixed groups.',
    toward: { L: 65, a: 26, b: -22 },
  },
  complement: {
    name: 'complement',
    does: 'Greys toward the opposite hue; lights look more vivid beside it.',
    when: 'Vivid skin that shouts, or hide beside red cloth.',
    toward: undefined,
  },
  'blue-green': {
    name: 'blue-green',
    does: 'Cools every shadow toward blue-green.',
    when: 'Green and blue hides, moonlight, the drowned.',
    toward: { L: 65, a: -26, b: -10 },
  },
  crevice: {
    name: 'blue-green crevice',
    does: 'Leaves half-shadow alone and turns only the deepest recess blue-green.',
    when: 'Warm skin that wants one cold note.',
    toward: { L: 60, a: -24, b: -14 },
  },
  warm: {
    name: 'warm under cold',
    does: 'Cold light, so the shadow goes to red-orange.',
    when: 'Overcast, snow and moon scenes with living skin.',
    toward: { L: 66, a: 22, b: 24 },
  },
  cold: {
    name: 'cold under warm',
    does: 'Warm light, so the shadow goes to blue.',
    when: 'Lamps, fire, evening sun.',
    toward: { L: 62, a: -2, b: -26 },
  },
  paint: {
    name: 'a chosen paint',
    does: 'Turns toward one bottle, as if it were in every shadow mix.',
    when: 'One paint ties figure and base together.',
    toward: undefined,
  },
} as const satisfies Record<ShadowSchool, School & { toward: Lab | undefined }>

/** Schools of light: what is mixed in toward the top. */
export const lightSchools = {
  plain: {
    name: 'the light itself',
    does: 'Only more of the key light; the mix is found freely.',
    when: 'When the box is wide and the numbers may lead.',
    tint: undefined,
  },
  white: {
    name: 'white',
    does: 'Lightens fastest; greys and cools the mix.',
    when: 'Old, pale or dusty skin, quick work.',
    tint: { L: 96, a: -1, b: 2 },
  },
  flesh: {
    name: 'pale flesh',
    does: 'Keeps the chroma while it lightens.',
    when: 'Living skin from light to tan.',
    tint: { L: 84, a: 9, b: 16 },
  },
  pink: {
    name: 'pink',
    does: 'Lightens toward blood; soft and young.',
    when: 'Children, cold cheeks, brown that would grey under white.',
    tint: { L: 80, a: 18, b: 9 },
  },
  yellow: {
    name: 'cold pale yellow',
    does: 'Keeps blue and green skins icy on top.',
    when: 'Hides, poisoned or undead skin.',
    tint: { L: 92, a: -7, b: 26 },
  },
  paint: {
    name: 'a chosen paint',
    does: 'Climbs toward one bottle: the next in a run of your own.',
    when: 'A progression that is already on the shelf.',
    tint: undefined,
  },
} as const satisfies Record<LightSchool, School & { tint: Lab | undefined }>
