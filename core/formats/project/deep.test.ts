import type { Project } from '../../project/commission'
import { expect, it } from 'vitest'
import { lowTide } from '../../../demo/lowTide'
import { formatProject } from './format'
import { parseProject } from './parse'

const paints = new Set(['titanium-white', 'burnt-umber'])
const lab = { L: 50, a: 12, b: 14 }
const parts = [{ paint: 'titanium-white', drops: 3 }]
const white = { of: { bottle: 'titanium-white' }, drops: 3 }

function whole(): Project {
  const project = lowTide([])
  const figure = project.figures[0]!
  const plan = {
    under: { kind: 'flat', of: { bottle: 'burnt-umber' } },
    coats: [
      { kind: 'base', of: { puddle: 'mix-1' }, passes: 2 },
      { kind: 'wash', of: { puddle: 'isaura.shade' }, lifted: true },
    ],
  }
  const puddles = [{ id: 'mix-1', name: 'red-brown', parts: [white] }]
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
    JSON.stringify({
      method: 'half-climb',
      under: plan.under,
      coats: plan.coats.map((coat, i) => ({ id: `c${i}`, ...coat })),
    }),
  ) as Project['figures'][0]['stack']
  figure.stack!.films = { wash: { recess: 3, flat: 0.2, ridge: 0 } } as never
  Object.assign(figure.stack!.coats[0]!, {
    thinnedWith: 'medium',
    place: [
      { zones: ['lower-lip'], light: ['shadow'] },
      { side: 'left', down: true },
    ],
  })
  figure.stack!.coats.push({
    id: 'last',
    kind: 'varnish',
    of: { puddle: 'isaura.base' },
    finish: 'satin',
    place: [{ but: ['nose'], relief: ['deepest', 'join'] }],
  })
  project.puddles = [
    ...puddles.map((one) => ({ ...one, parts: [...one.parts], figure: 'isaura' })),
    {
      id: 'isaura.light',
      figure: 'isaura',
      parts: [white, { of: { puddle: 'all' }, drops: 0.25 }],
    },
    { id: 'all', name: 'for all', parts: [white] },
  ]
  figure.accents = [
    { id: 'a1', place: 'cheek', of: { puddle: 'all' }, thinner: 11, passes: 2 },
    { id: 'a2', place: 'nose' },
  ]
  figure.details = [{ id: 'd1', key: 'eye', middle: { puddle: 'isaura.light' } }]
  figure.bench = {
    atOnce: 3,
    along: ['bram'],
    dried: [{ kind: 'wash', reckonedMin: 25, tookMin: 14.5 }],
    eveningMin: 120,
    tolerance: 1.5,
  }
  figure.versions = [
    {
      id: 'v1',
      name: 'first',
      at: '2026-11-25',
      plan: figure.plan,
      steps: [{ key: 'base', share: 1, target: lab, painted: lab, parts: [white] }],
    },
  ]
  project.log = [
    {
      id: 'a',
      at: '2026-11-25',
      figure: 'mei',
      who: 'Mei',
      what: 'base',
      of: { kind: 'coat', coat: 'c0' },
      parts,
      predicted: lab,
      kind: 'wash',
      thinner: 4.5,
      minutes: 12,
      photo: 'a-picture_1',
      real: lab,
      reflectance: new Array<number>(36).fill(0.4),
    },
  ]
  const of = { kind: 'accent', place: 'cheek' } as const
  project.done = [
    { figure: figure.id, copy: 1, of: { kind: 'undercoat' }, at: 1e12, mixed: true },
    { figure: figure.id, copy: 3, of, at: 0 },
  ]
  project.timers = [{ figure: figure.id, copy: 1, of, words: 'dries', endsAt: 1e12 }]
  project.groups = [{ id: 'g', name: 'Ferry folk' }]
  Object.assign(figure, {
    many: 3,
    size: { heightMm: 75, bust: true },
    group: 'g',
    sculpt: 's',
    bottles: { more: ['viridian'], without: ['carbon-black'] },
  })
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
  expect(refused((p) => (p.figures[0]!.many = 900))).toMatch(/many.*1 to 500/)
  expect(refused((p) => (p.figures[0]!.group = 'nobody'))).toContain('no group "nobody"')
  expect(refused((p) => (p.figures[0]!.size.heightMm = 5))).toContain('allowed is 10 to 600')
  expect(refused((p) => p.log!.push(p.log![0]!))).toContain('log[1].id: "a" is used twice')
  const coats = (p: Project) => p.figures[0]!.stack!.coats
  expect(refused((p) => (coats(p)[1]!.id = 'c0'))).toContain('coats[1].id: "c0" is used twice')
  const coat = (p: Project): object => p.figures[0]!.stack!.coats[0]!
  expect(refused((p) => Object.assign(coat(p), { place: 'behind' }))).toContain('coats[0].place')
  expect(refused((p) => Object.assign(coat(p), { place: 'zone <b>' }))).toContain('coats[0].place')
  expect(refused((p) => Object.assign(coat(p), { thinnedWith: 'oil' }))).toContain('is no thinner')
  expect(refused((p) => Object.assign(coat(p), { finish: 'wet' }))).toContain('is no finish')
  expect(refused((p) => (p.figures[0]!.stack!.films!.wash!.recess = 9))).toContain(
    'allowed is 0 to 5',
  )
  expect(refused((p) => (p.log![0]!.photo = '../up'))).toContain('letters, digits')
  expect(refused((p) => (p.log![0]!.thinner = -1))).toContain('allowed is 0 to 40')
  expect(refused((p) => (p.figures[0]!.bench!.tolerance = 0))).toMatch(/bench\.tolerance/)
  expect(refused((p) => (p.figures[0]!.bench!.dried![0]!.tookMin = -2))).toMatch(
    /dried\[0\]\.tookMin/,
  )
})
