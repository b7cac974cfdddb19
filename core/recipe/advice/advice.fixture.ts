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

/** Repeatable numbers in 0–1. */
export function seeded(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 4294967296
  }
}
