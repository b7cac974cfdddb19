import { expect, it } from 'vitest'
import { lowTide } from '../../../../demo/lowTide'
import { starterPaints } from '../../../paint/starter'
import { parseProject } from '../parse'

const ids = starterPaints.map(({ id }) => id)
const project = lowTide(ids)
const { steps, contrast, warmth, turn, sheen } = project.figures[0]!.plan
const plan = { steps, contrast, warmth, turn, sheen, maxPaints: 3, maxDrops: 12 }

/** The demo as version 3 would have written it: no table, plans that say nothing of their way or say it. */
const old = {
  ...project,
  version: 3,
  palette: undefined,
  figures: [
    {
      ...project.figures[0]!,
      plan,
      versions: [{ id: 'v', name: 'first', at: '2026-01-01', plan, steps: [] }],
    },
    { ...project.figures[1]!, plan: { ...plan, way: 'run' } },
  ],
  figure: project.figures[0]!.id,
}

it('a plan that did not say its way had each step matched, and says so now; nothing else changes', () => {
  const read = parseProject(JSON.stringify(old), new Set(ids))
  if (!read.ok) throw new Error(JSON.stringify(read.issues))
  const [one, other] = read.value.figures
  expect(read.value.version).toBe(5)
  expect(read.value.palette).toBeUndefined()
  expect(one!.plan).toEqual({ ...plan, way: 'matched' })
  expect(one!.versions![0]!.plan).toEqual({ ...plan, way: 'matched' })
  expect(other!.plan).toEqual({ ...plan, way: 'run' })
  expect({ ...one!, plan, versions: [] }).toEqual({ ...project.figures[0]!, plan, versions: [] })
})

it('a table of more than twelve bottles is refused by place', () => {
  const read = parseProject(JSON.stringify({ ...project, palette: ids.slice(0, 13) }), new Set(ids))
  expect(read.ok).toBe(false)
  expect(JSON.stringify(read)).toContain('palette')
})
