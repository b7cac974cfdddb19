import type { Project } from '../../project/commission'
import fc from 'fast-check'
import { expect, it } from 'vitest'
import { lowTide } from '../../../demo/lowTide'
import { starterPaints } from '../../paint/starter'
import { formatProject } from './format'
import { mostOf } from '../../project/limits'
import { parseProject } from './parse'
import { salvageProject } from './salvage'
import { many } from '../../../tests/thorough'

const ids = new Set(starterPaints.map(({ id }) => id))
const demo = lowTide([...ids])
const saved = (change: (project: Project) => void): ReturnType<typeof salvageProject> => {
  const project = structuredClone(demo)
  change(project)
  return salvageProject(formatProject(project), ids, 'harbour')
}
const lab = { L: 50, a: 1, b: 2 }
const entry = (n: number) => ({
  id: `e${n}`,
  at: '',
  who: 'Mei',
  what: 'glaze',
  parts: [{ paint: 'titanium-white', drops: 1 }],
  predicted: lab,
})

it('sound work comes back whole, with nothing left out', () => {
  expect(salvageProject(formatProject(demo), ids, 'harbour')).toEqual({ project: demo, left: [] })
})

it('one wrong number costs that number, not its figure; each is named', () => {
  const { project, left } = saved((p) => {
    p.figures[1]!.plan.contrast = 99
    p.figures[2]!.size = { heightMm: 3 }
    p.figures[3]!.plan.bounce = -4
    p.bottles!.ultramarine = { ml: '' as never, notes: 'left of the lamp' }
  })
  expect(left.map(({ place }) => place).sort()).toEqual([
    'bottles.ultramarine.ml',
    'figures[1].plan.contrast',
    'figures[2].size.heightMm',
    'figures[3].plan.bounce',
  ])
  expect(project!.figures.map(({ name }) => name)).toEqual(demo.figures.map(({ name }) => name))
  expect(project!.figures[1]!.plan).toEqual({ ...demo.figures[1]!.plan, contrast: 1 })
  expect(project!.bottles!.ultramarine).toEqual({ notes: 'left of the lamp' })
})

it('a list that is too long keeps as many as it may, text as many letters', () => {
  const { project } = saved((p) => {
    p.log = Array.from({ length: mostOf.log + 3 }, (_, n) => entry(n))
    p.figures[0]!.note = 'x'.repeat(2500)
  })
  expect(project!.log).toHaveLength(mostOf.log)
  expect(project!.figures[0]!.note).toHaveLength(2000)
})

it('what points at nothing or stands twice is mended', () => {
  const { project, left } = saved((p) => {
    p.figure = 'nobody'
    p.figures[1]!.id = p.figures[0]!.id
    p.figures[2]!.group = 'gone'
    p.puddles = [{ id: 'mei.base', figure: 'mei', parts: [{ of: { bottle: 'gone' }, drops: 2 }] }]
    p.log = [entry(1), entry(1)]
  })
  expect(left).toHaveLength(5)
  expect(project!.figure).toBe('isaura')
  expect(new Set(project!.figures.map(({ id }) => id)).size).toBe(9)
  expect(project!.puddles).toEqual([])
  expect(project!.log).toHaveLength(2)
})

it('what is no project of ours is not made one', () => {
  for (const text of [
    '',
    '[]',
    '{"format":"other"}',
    '{"format":"cobaltfinch-project","version":9}',
  ])
    expect(salvageProject(text, ids, 'x').project).toBeUndefined()
})

it('however a project is damaged, what comes out is sound, or nothing', () => {
  const paths: (string | number)[][] = []
  const walk = (node: unknown, path: (string | number)[]): void => {
    if (path.length > 0) paths.push(path)
    if (typeof node !== 'object' || node === null || path.length > 4) return
    for (const key of Object.keys(node))
      walk((node as never)[key], [...path, Array.isArray(node) ? Number(key) : key])
  }
  const small = { ...demo, figures: demo.figures.slice(0, 2), log: [entry(1)] }
  walk(small, [])
  const junk = fc.oneof(
    fc.constantFrom(null, -1, 1e9, '', 'x'.repeat(9999), true),
    fc.array(fc.integer()),
    fc.object(),
  )
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.constantFrom(...paths), junk), { minLength: 1, maxLength: 4 }),
      (hits) => {
        const data = structuredClone(small) as unknown
        for (const [path, value] of hits) {
          let node = data as Record<string | number, unknown> | undefined
          for (const key of path.slice(0, -1)) node = node?.[key] as typeof node
          if (typeof node === 'object' && node !== null) node[path.at(-1)!] = value
        }
        const { project, left } = salvageProject(JSON.stringify(data), ids, 'harbour')
        if (!project) {
          expect(left).not.toEqual([])
          return
        }
        const again = parseProject(formatProject(project), ids)
        expect(again).toEqual({ ok: true, value: project })
      },
    ),
    { numRuns: many(1000, 60), seed: 4 },
  )
})
