import { expect, it } from 'vitest'
import { lowTide } from '../../../demo/lowTide'
import { methods } from '../../coats/methods/methods'
import { formatProject } from './format'
import { parseProject } from './parse'
import type { Project } from './schema'

const paints = new Set(['titanium-white', 'burnt-umber'])
const lab = { L: 50, a: 12, b: 14 }
const parts = [{ paint: 'titanium-white', drops: 3 }]

function whole(): Project {
  const project = lowTide([])
  const figure = project.figures[0]!
  const { under, coats, key } = methods[0]!
  Object.assign(figure.plan, {
    steps: 9,
    shadow: 'crevice',
    light: 'flesh',
    way: 'bought',
    progression: ['burnt-umber'],
    moved: { light: { L: -3, a: 0, b: 0 } },
    key: { azimuth: 20, elevation: 60 },
  })
  figure.stack = JSON.parse(
    JSON.stringify({ method: key, under, coats }),
  ) as Project['figures'][0]['stack']
  figure.accents = ['cheek']
  figure.bench = {
    many: 3,
    done: ['1 undercoat'],
    timers: [{ move: '1 coat 0', words: 'dries', endsAt: 1e12 }],
  }
  figure.versions = [
    {
      name: 'first',
      at: '2026-11-25',
      plan: figure.plan,
      steps: [{ key: 'base', share: 1, target: lab, painted: lab, parts }],
    },
  ]
  project.log = [
    {
      id: 'a',
      at: '2026-11-25',
      figure: 'x',
      what: 'base',
      parts,
      predicted: lab,
      real: lab,
      reflectance: new Array<number>(36).fill(0.4),
    },
  ]
  return project
}

it('ladder, coats, accents, bench and log come back whole', () => {
  const text = formatProject(whole())
  const reading = parseProject(text, paints)
  expect(reading).toMatchObject({ ok: true })
  if (reading.ok) expect(reading.value).toEqual(JSON.parse(text))
})

it('what is out of range is refused by its place', () => {
  const refused = (change: (project: Project) => void): string => {
    const project = whole()
    change(project)
    const reading = parseProject(formatProject(project), paints)
    return reading.ok
      ? ''
      : reading.issues.map(({ place, message }) => `${place}: ${message}`).join('; ')
  }
  expect(refused((p) => (p.figures[0]!.plan.steps = 4 as never))).toContain(
    'allowed is 3, 5, 7 or 9',
  )
  expect(refused((p) => (p.figures[0]!.plan.shadow = 'pink' as never))).toContain(
    'is no school of shadow',
  )
  expect(refused((p) => (p.figures[0]!.stack!.coats[0]!.kind = 'dip' as never))).toContain(
    'is no kind of coat',
  )
  expect(refused((p) => (p.figures[0]!.stack!.coats[0]!.passes = 0))).toMatch(/coats\[0\]\.passes/)
  expect(refused((p) => (p.log![0]!.reflectance = [1]))).toContain('36 values')
  expect(refused((p) => (p.figures[0]!.bench!.many = 99))).toMatch(/bench\.many/)
})
