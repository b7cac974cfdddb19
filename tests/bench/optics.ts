import { differenceCiede2000 } from 'culori'
import * as spectral from 'spectral.js'
import { deltaE00Of, MixEvaluator, starterPaints } from '../../core'
import { seeded } from '../../core/numbers/seeded'
import { race } from './rate'
import type { Ratio } from './rate'

const random = seeded(7)
const COUNT = 512
const upTo = (most: number): number => Math.floor(random() * most)

function mixing(): Ratio {
  const evaluator = new MixEvaluator(starterPaints)
  const members = Array.from({ length: COUNT }, () =>
    [0, 1, 2].map(() => upTo(starterPaints.length)),
  )
  const drops = members.map((mix) => mix.map(() => 1 + upTo(9)))
  const lab = new Float64Array(3 * COUNT)
  const colours = drops.map((mix) =>
    mix.map((n) => [new spectral.Color([upTo(256), upTo(256), upTo(256)]), n] as const),
  )
  const rates = race(
    {
      items: COUNT,
      run: () => {
        for (let i = 0; i < COUNT; i++) evaluator.writeLab(members[i]!, drops[i]!, 3, lab, 3 * i)
      },
    },
    {
      items: COUNT,
      run: () => {
        for (const parts of colours) void spectral.mix(...parts).OKLab
      },
    },
  )
  return {
    what: 'three-paint mix to Lab, per s',
    against: 'spectral.js mix to OKLab',
    wanted: 6,
    ...rates,
  }
}

function differences(): Ratio {
  const labs = Array.from({ length: COUNT }, () => ({
    mode: 'lab65' as const,
    l: random() * 100,
    a: random() * 160 - 80,
    b: random() * 160 - 80,
  }))
  // Ours reads numbers from arrays, as the search does; culori's interface takes objects.
  const flat = Float64Array.from(labs.flatMap(({ l, a, b }) => [l, a, b]))
  const culori = differenceCiede2000()
  // Both as local names: the module loader of the bench looks imported ones up at every call.
  const own = deltaE00Of
  let sink = 0
  const rates = race(
    {
      items: COUNT,
      run: () => {
        for (let i = 0; i < COUNT; i++) {
          const at = 3 * i
          const to = 3 * ((i + 7) % COUNT)
          sink += own(
            flat[at]!,
            flat[at + 1]!,
            flat[at + 2]!,
            flat[to]!,
            flat[to + 1]!,
            flat[to + 2]!,
          )
        }
      },
    },
    {
      items: COUNT,
      run: () => {
        for (let i = 0; i < COUNT; i++) sink += culori(labs[i]!, labs[(i + 7) % COUNT]!)
      },
    },
  )
  if (!(sink > 0)) throw new Error('the benchmark computed nothing')
  return { what: 'CIEDE2000, per s', against: 'culori', wanted: 5, ...rates }
}

/** The optics against general-purpose libraries doing the nearest thing they can. */
export const opticsBench = (): Ratio[] => [mixing(), differences()]
