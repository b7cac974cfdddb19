import { useWork } from '../../app/stores/project/work'
import {
  findRecipes,
  formatProject,
  formatStl,
  mergeProjects,
  parseProject,
  starterPaints,
  stlCorners,
} from '../../core'
import type { Project } from '../../core'
import { bakeSculpt } from '../../core/ladder/form/bakeSculpt'
import { shapes } from '../../scripts/forms/shapes/shapes'
import { surfaceNet } from '../../core/ladder/form/surfaceNet'
import { demo, withLog } from '../fixtures/longLog'
import { manyPaints } from './manyPaints'

/** How the time of something grows with its size: t ∝ n^exponent, by least squares of the logarithms. */
export interface Growth {
  what: string
  of: string
  sizes: readonly number[]
  ms: readonly number[]
  exponent: number
  /** The greatest exponent that was asked for. */
  wanted: number
}

const ROUNDS = 5
function best(run: () => void): number {
  let least = Infinity
  for (let i = 0; i < ROUNDS; i++) {
    const start = performance.now()
    run()
    least = Math.min(least, performance.now() - start)
  }
  return least
}

function slope(sizes: readonly number[], ms: readonly number[]): number {
  const [x, y] = [sizes, ms].map((list) => list.map(Math.log))
  const mean = (list: readonly number[]) => list.reduce((sum, one) => sum + one, 0) / list.length
  const [mx, my] = [mean(x!), mean(y!)]
  const over = x!.reduce((sum, one, i) => sum + (one - mx) * (y![i]! - my), 0)
  return over / x!.reduce((sum, one) => sum + (one - mx) ** 2, 0)
}

function grown(
  what: string,
  of: string,
  wanted: number,
  sizes: readonly number[],
  made: (n: number) => () => void,
): Growth {
  const ms = sizes.map((n) => best(made(n)))
  return { what, of, sizes, ms, exponent: slope(sizes, ms), wanted }
}

const ids = new Set(starterPaints.map(({ id }) => id))
const withFigures = (n: number): Project => ({
  ...demo,
  figure: 'figure-0',
  figures: Array.from({ length: n }, (_, i) => ({
    ...demo.figures[i % demo.figures.length]!,
    id: `figure-${i}`,
  })),
})
/** Paints of a search, figures of a file, entries of a log under an edit and a merge, triangles of a sculpt. */
export function growthBench(): Growth[] {
  const target = { L: 62, a: 14, b: 18 }
  const work = useWork()
  const { id } = demo.figures[0]!
  const sculpts = new Map(
    [12, 24, 48].map((cells) => {
      const corners = stlCorners(formatStl(surfaceNet(shapes.egg, cells)))
      return [corners.length / 9, corners]
    }),
  )
  return [
    grown('search, at most 3 of n paints', 'paints', 3, [12, 24, 48, 96], (n) => {
      const paints = manyPaints(n)
      return () => findRecipes({ target, paints, maxPaints: 3, maxDrops: 12 })
    }),
    grown('a project read and checked', 'figures', 1.2, [10, 40, 160], (n) => {
      const text = formatProject(withFigures(n))
      return () => parseProject(text, ids)
    }),
    grown('one edit of a figure, kept to be undone', 'log entries', 0.8, [30, 300, 3000], (n) => {
      work.restore(withLog(n))
      let many = 1
      return () => {
        for (let i = 0; i < 20; i++)
          work.changeFigure(id, '', (figure) => void (figure.many = many = (many % 400) + 1))
      }
    }),
    grown('two windows put together', 'log entries', 1.2, [300, 1200, 4800], (n) => {
      const base = withLog(n)
      const mine = { ...base, name: 'Mine', log: [...base.log!].slice(1) }
      const theirs = structuredClone({ ...base, ownedOnly: true })
      return () => mergeProjects(base, mine, theirs)
    }),
    grown('a sculpt made ready to be shown', 'triangles', 1.2, [...sculpts.keys()], (n) => {
      const corners = sculpts.get(n)!
      return () => bakeSculpt(corners, undefined, 24)
    }),
  ]
}
