import {
  deltaE00,
  labOf,
  normals,
  opacityClasses,
  opacityOf,
  seeded,
  starterPaints,
} from '../../core'
import type { Lab, Mixture, OpacityClass, Paint } from '../../core'
import { anySingle, blendedBottle } from './bottles'
import type { Bottle } from './bottles'
import { opaque, plainWorld } from './physics'
import type { World } from './physics'

/** Chance that repeats, uniform and normal. */
export const chance = (seed: number) => {
  const random = seeded(seed)
  return { random, normal: normals(random) }
}
export const white = starterPaints.find(({ id }) => id === 'titanium-white')!
/** A paint that is known exactly, so that only the one in question is doubtful. */
export const sure = (paint: Paint): Paint => ({ ...paint, spread: new Array<number>(55).fill(0) })

export const mean = (values: readonly number[]): number =>
  values.reduce((a, b) => a + b, 0) / values.length
export const share = (values: readonly boolean[]): number =>
  values.filter(Boolean).length / values.length

/** A bottle with a mix of it that nobody has read: some of it, some of another paint, some white. */
export interface Unseen {
  bottle: Bottle
  single: boolean
  other: Paint
  drops: [own: number, other: number, white: number]
  lab: Lab
}

/** So many unseen mixes, every second one of a bottle of one pigment. */
export function unseenMixes(many: number, seed: number, world: World = plainWorld): Unseen[] {
  const { random, normal } = chance(seed)
  return Array.from({ length: many }, (_, n) => {
    const single = n % 2 === 0
    const bottle = single ? anySingle(random, normal) : blendedBottle(random, normal)
    const other = starterPaints[Math.floor(random() * starterPaints.length)]!
    const drops: Unseen['drops'] = [
      1 + Math.floor(4 * random()),
      1 + Math.floor(4 * random()),
      Math.floor(9 * random()),
    ]
    return { bottle, single, other, drops, lab: mixedIn({ bottle, other, drops }, world) }
  })
}

/** What a mix looks like in a world. */
export const mixedIn = (
  { bottle, other, drops }: { bottle: Mixture; other: Mixture; drops: Unseen['drops'] },
  world: World = plainWorld,
): Lab =>
  labOf(
    opaque(
      [bottle, other, white]
        .map((one, i) => ({ bottle: one, share: drops[i]! }))
        .filter((part) => part.share > 0),
      world,
    ),
  )

/** The word a painter says: right in seven of ten, off by one class in the others. */
export function wordFor(bottle: Mixture, random: () => number): OpacityClass {
  const at = opacityClasses.indexOf(opacityOf(bottle))
  if (random() > 0.3) return opacityClasses[at]!
  const off = at + (random() < 0.5 ? -1 : 1)
  return opacityClasses[Math.min(3, Math.max(0, off))]!
}

export const apart = (one: Lab, other: Lab): number =>
  deltaE00({ ...one, white: undefined }, { ...other, white: undefined })
