import { chromaOf, hueOf } from '../../colour/lch'
import { labOf } from '../../colour/lab'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'

/** What painters call a bottle by when they say what a mix holds. */
export type Family =
  | 'white'
  | 'black'
  | 'earth'
  | 'red earth'
  | 'brown'
  | 'yellow'
  | 'orange'
  | 'red'
  | 'rose'
  | 'violet'
  | 'blue'
  | 'green'

/** By Colour Index name; a trailing letter group stands for all of its number. */
const named: readonly (readonly [pattern: RegExp, families: readonly Family[]])[] = [
  [/^PW/, ['white']],
  [/^PBk/, ['black']],
  [/^PR10[12]$/, ['earth', 'red earth', 'brown']],
  [/^PBr/, ['earth', 'brown']],
  [/^PY4[23]$/, ['earth', 'yellow']],
  [/^PY/, ['yellow']],
  [/^PO/, ['orange']],
  [/^(PV19|PR122|PR202)$/, ['rose']],
  [/^PR/, ['red']],
  [/^PV/, ['violet']],
  [/^PB/, ['blue']],
  [/^PG/, ['green']],
]

/** Of a bottle whose pigments nobody told: by the hue of its masstone, from where to where (from memory). */
const seen: readonly (readonly [from: number, to: number, families: readonly Family[]])[] = [
  [20, 45, ['red']],
  [45, 70, ['orange']],
  [70, 115, ['yellow']],
  [115, 215, ['green']],
  [215, 305, ['blue']],
  [305, 325, ['violet']],
  [325, 380, ['rose']],
]
/** Duller than this, and darker than light, a warm bottle is an earth; nearly without chroma it is white, grey or black. */
const DULL = 40
const GREY = 6

function bySight(paint: Paint): readonly Family[] {
  const lab = labOf(opaqueReflectance(paint))
  const [chroma, hue] = [chromaOf(lab), hueOf(lab)]
  if (chroma < GREY) return lab.L > 85 ? ['white'] : lab.L < 25 ? ['black'] : []
  if (chroma < DULL && hue > 20 && hue < 95)
    return hue < 50 && chroma > 15 ? ['earth', 'red earth', 'brown'] : ['earth', 'brown']
  const turned = hue < 20 ? hue + 360 : hue
  return seen.find(([from, to]) => turned >= from && turned < to)?.[2] ?? []
}

const known = new WeakMap<Paint, ReadonlySet<Family>>()

/**
 * What a bottle counts as, by its pigments; by its colour where those are not known. A blend is all that it is made of.
 * @example familiesOf(ochre) // earth and yellow
 */
export function familiesOf(paint: Paint): ReadonlySet<Family> {
  const had = known.get(paint)
  if (had) return had
  const byName = paint.pigments.flatMap(
    (pigment) => named.find(([pattern]) => pattern.test(pigment))?.[1] ?? [],
  )
  const all = new Set(byName.length > 0 ? byName : bySight(paint))
  // A roasted earth is red though its name is that of all earths.
  if (all.has('brown') && !all.has('red earth')) {
    const lab = labOf(opaqueReflectance(paint))
    if (hueOf(lab) < 60 && chromaOf(lab) > 20 && lab.L < 45) all.add('red earth')
  }
  known.set(paint, all)
  return all
}
