import type { Paint } from '../../paint/paint'
import { starterPaints } from '../../paint/starter'

/** What the tests of advice mix from. */
export const of = (id: string): Paint => starterPaints.find((paint) => paint.id === id)!
export const box = [
  'titanium-white',
  'yellow-ochre',
  'red-iron-oxide',
  'burnt-umber',
  'ultramarine',
  'carbon-black',
  'pyrrole-red',
  'phthalo-green',
].map(of)
