import type { Project } from '../../project/commission'
import type { StoredPuddle } from '../../project/storedPuddle'
import { describe, expect, it } from 'vitest'
import { lowTide } from '../../../demo/lowTide'
import { starterPaints } from '../../paint/starter'
import { checkChange } from './checkChange'
import { formatProject } from './format'
import { parseProject } from './parse'
import { usesOf } from '../../project/uses'

const ids = new Set(starterPaints.map(({ id }) => id))
const white = { of: { bottle: 'titanium-white' }, drops: 3 }
const poured = (puddle: string) => ({ of: { puddle }, drops: 1 })
const withPuddles = (
  puddles: StoredPuddle[],
  change = (_: Project): void => undefined,
): Project => {
  const project = structuredClone({ ...lowTide([...ids]), puddles })
  change(project)
  return project
}
const issuesOf = (project: Project): string[] => {
  const reading = parseProject(formatProject(project), ids)
  return reading.ok ? [] : reading.issues.map(({ place, message }) => `${place}: ${message}`)
}

describe('puddles of a project', () => {
  const flesh: StoredPuddle = { id: 'flesh', name: 'flesh', figure: 'mei', parts: [white] }

  it('are read back with all that names them, steps of the ladder too', () => {
    const project = withPuddles(
      [flesh, { id: 'mei.base', figure: 'mei', parts: [white, poured('flesh')] }],
      ({ figures }) => {
        figures[3]!.accents = [{ id: 'a', place: 'nose', of: { puddle: 'flesh' } }]
        figures[3]!.details = [{ id: 'd', key: 'eye', light: { puddle: 'mei.glint' } }]
      },
    )
    expect(parseProject(formatProject(project), ids)).toEqual({ ok: true, value: project })
    expect(usesOf(project, 'flesh')).toEqual([
      { kind: 'accent', figure: 'mei', place: 'nose' },
      { kind: 'puddle', puddle: 'mei.base' },
    ])
    expect(usesOf(project, 'mei.glint')).toEqual([{ kind: 'detail', figure: 'mei', detail: 'eye' }])
  })

  it('refuse a circle with its names, what is not there, what is another figure’s, a tenth of an amount', () => {
    const circle = withPuddles([
      { ...flesh, parts: [white, poured('pale')] },
      { id: 'pale', name: 'pale flesh', figure: 'mei', parts: [poured('flesh')] },
    ])
    expect(issuesOf(circle)).toEqual([
      'puddles[0].parts[1]: a mix cannot hold itself: flesh holds pale flesh holds flesh',
    ])
    const bram = withPuddles([flesh], ({ figures }) => {
      figures[1]!.accents = [{ id: 'a', place: 'nose', of: { puddle: 'flesh' } }]
    })
    expect(issuesOf(bram)[0]).toContain('figures[1].accents[0].of: "flesh" is another figure')
    const forAll = withPuddles([flesh, { id: 'all', parts: [poured('flesh')] }])
    expect(issuesOf(forAll)[0]).toMatch(/puddles\[1\]\.parts\[0\]: .* those of the commission/)
    expect(issuesOf(withPuddles([{ ...flesh, parts: [poured('gone')] }]))).toEqual([
      'puddles[0].parts[0]: there is no puddle "gone"',
    ])
    const tenth = [{ ...white, drops: 0.35 }]
    expect(issuesOf(withPuddles([{ ...flesh, parts: tenth }]))[0]).toMatch(
      /^puddles\[0\]\.parts\[0\]\.drops: is 0\.35; allowed is a whole number from 1 to 99/,
    )
  })

  it('one that is used cannot be taken away: the change names where', () => {
    const used = withPuddles([flesh], ({ figures }) => {
      figures[3]!.details = [{ id: 'd', key: 'eye', shadow: { puddle: 'flesh' } }]
    })
    expect(checkChange(used, [['puddles', 0]], ids)).toEqual([])
    const without = { ...used, puddles: [] }
    expect(checkChange(without, [['puddles']], ids)).toEqual([
      { place: 'figures[3].details[0].shadow', message: 'there is no puddle "flesh"' },
    ])
  })
})

it('a file of the second version has its mixes as puddles, each once, and steps by their names', () => {
  const demo = lowTide([...ids]) as unknown as Record<string, unknown>
  const [isaura, ...others] = structuredClone(demo.figures) as Record<string, unknown>[]
  const violet = [
    ['dioxazine-violet', 1],
    ['titanium-white', 4],
  ]
  const plan = { ...(isaura!.plan as object), kept: { base: [{ paint: 'raw-umber', drops: 2 }] } }
  const old = {
    ...demo,
    version: 2,
    figures: [
      {
        ...isaura,
        plan,
        accents: [{ id: 'a', place: 'nose' }],
        stack: {
          method: 'mine',
          under: {
            kind: 'sketch',
            dark: 'carbon-black',
            light: 'titanium-white',
            strength: 1,
            elevation: 60,
          },
          coats: [
            { id: 'c1', kind: 'base', mix: 'deepest', passes: 2 },
            { id: 'c2', kind: 'glaze', mix: violet, place: 'shadow' },
            { id: 'c3', kind: 'glaze', mix: violet, place: 'zone lower-lip' },
            { id: 'c4', kind: 'glaze', mix: [['ultramarine', 3]], place: 'left' },
            { id: 'c5', kind: 'layer', mix: 'lightest', place: 'all' },
          ],
        },
        versions: [
          {
            id: 'v',
            name: 'first',
            at: '',
            plan,
            steps: [
              {
                key: 'base',
                share: 1,
                target: { L: 50, a: 1, b: 1 },
                painted: { L: 50, a: 1, b: 1 },
                parts: [{ paint: 'raw-umber', drops: 2 }],
              },
            ],
          },
        ],
      },
      ...others.map((figure) => ({ ...figure, plan: { ...(figure.plan as object), kept: {} } })),
    ],
  }
  const reading = parseProject(JSON.stringify(old), ids)
  expect(reading.ok ? [] : reading.issues).toEqual([])
  const { puddles, figures } = (reading as { value: Project }).value
  const [made] = puddles!.filter(({ id }) => id !== 'isaura.base')
  expect(puddles).toEqual([
    { id: 'isaura.base', figure: 'isaura', parts: [{ of: { bottle: 'raw-umber' }, drops: 2 }] },
    {
      id: made!.id,
      figure: 'isaura',
      parts: [
        { of: { bottle: 'dioxazine-violet' }, drops: 1 },
        { of: { bottle: 'titanium-white' }, drops: 4 },
      ],
    },
  ])
  const { stack, versions } = figures[0]!
  expect(stack!.under).toMatchObject({ dark: { bottle: 'carbon-black' }, strength: 1 })
  expect(stack!.coats.map(({ of }) => of)).toEqual([
    { puddle: 'isaura.crevice' },
    { puddle: made!.id },
    { puddle: made!.id },
    { bottle: 'ultramarine' },
    { puddle: 'isaura.glint' },
  ])
  expect(stack!.coats.map(({ place }) => place)).toEqual([
    undefined,
    [{ light: ['deep-shadow', 'shadow'] }],
    [{ zones: ['lower-lip'] }],
    [{ side: 'left' }],
    undefined,
  ])
  expect(versions![0]!.steps[0]!.parts).toEqual([{ of: { bottle: 'raw-umber' }, drops: 2 }])
})
