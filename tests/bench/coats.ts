import {
  deltaE00,
  dryFilmUm,
  filmReflectance,
  glazeSearch,
  labOf,
  mixPaints,
  opaqueReflectance,
  starterPaints,
  usualRatios,
} from '../../core'
import { race } from './rate'
import type { Ratio } from './rate'

/** The glaze search over 24 paints, 12 ratios, up to 4 passes and 3 zones, against one film after the other. */
export function coatsBench(): Ratio[] {
  const paints = starterPaints.slice(0, 24)
  const of = (id: string) => starterPaints.find((paint) => paint.id === id)!
  const to = { L: 60, a: 20, b: 14 }
  const zones = [4, 8, 12].map((drops) => ({
    to,
    from: opaqueReflectance(
      mixPaints([
        { paint: of('titanium-white'), drops },
        { paint: of('red-iron-oxide'), drops: 1 },
      ]),
    ),
  }))
  const items = paints.length * usualRatios.length * 4 * zones.length
  const search = () => void glazeSearch({ zones, paints, ratios: usualRatios, mostPasses: 4 })
  const plain = () => {
    for (const paint of paints)
      for (const thinner of usualRatios)
        for (const passes of [1, 2, 3, 4])
          for (const { from } of zones) {
            const thicknessUm = dryFilmUm({ kind: 'glaze', thinner, passes }, 'flat')
            deltaE00(labOf(filmReflectance(paint, { thicknessUm, over: from })), to)
          }
  }
  const { ours, theirs } = race({ items, run: search }, { items, run: plain })
  return [
    {
      what: `glazes tried a second (the whole search ${((1000 * items) / ours).toFixed(0)} ms)`,
      against: 'film after film',
      ours,
      theirs,
      wanted: 1.5,
    },
  ]
}
