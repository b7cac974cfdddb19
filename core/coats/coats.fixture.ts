import { mixPaints } from '../paint/mix'
import { opaqueReflectance } from '../paint/opaque'
import { starterPaints } from '../paint/starter'
import { lightPlaces, stackLayers } from './stack'
import type { Stack, StackCoat } from './stack'
import { seeded } from '../numbers/seeded'

export const of = (id: string) => {
  const paint = starterPaints.find((one) => one.id === id)
  if (!paint) throw new RangeError(`there is no paint "${id}"`)
  return paint
}
export const seen = (...parts: [string, number][]) =>
  opaqueReflectance(mixPaints(parts.map(([id, drops]) => ({ paint: of(id), drops }))))
export const coatOf = (
  kind: StackCoat['kind'],
  parts: [string, number][],
  more: Partial<StackCoat> = {},
): StackCoat => ({
  kind,
  thinner: 1,
  passes: 1,
  place: 'all',
  ...more,
  parts: parts.map(([id, drops]) => ({ paint: of(id), drops })),
})
const random = seeded(9)
export const upTo = (most: number): number => Math.floor(random() * most)
export const flat = (under: Float64Array, coats: StackCoat[]): Stack => ({
  under: { kind: 'flat', reflectance: under },
  coats,
})
export const end = (
  stack: Stack,
  where: (typeof lightPlaces)[number] = 'middle',
  relief: 'recess' | 'flat' | 'ridge' = 'flat',
) => stackLayers(stack, where)[relief].at(-1)!
export const pale = seen(['titanium-white', 12], ['red-iron-oxide', 1], ['yellow-ochre', 1])
export const dark = seen(['burnt-umber', 6], ['red-iron-oxide', 1], ['titanium-white', 1])
