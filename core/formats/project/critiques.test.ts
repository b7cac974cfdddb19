import type { FigureCritique } from '../../project/critique'
import { expect, it } from 'vitest'
import { lowTide } from '../../../demo/lowTide'
import { photosOf } from '../commission/named'
import { secondOf } from '../../project/copies'
import { formatProject } from './format'
import { mostOf } from '../../project/limits'
import { parseProject } from './parse'

const critique = (id: string): FigureCritique => ({
  id,
  at: '2026-11-27T10:00:00Z',
  photo: `photo-${id}`,
  neutral: 'card',
  off: 4.2,
  strip: [{ L: 40, a: 10, b: 12 }],
  faults: [
    { key: 'flat', part: 'all', times: 0.5 },
    { key: 'tinted', part: 'lights', toward: 'yellow', by: 6 },
    { key: 'lights large', part: 'lights', share: 0.5, planned: 0.4 },
    { key: 'stranded', part: 'lights', step: 'half-light' },
    { key: 'wrong colour', part: 'shade' },
  ],
})
const withCritiques = (critiques: unknown[]) => {
  const project = lowTide([])
  Object.assign(project.figures[0]!, { critiques })
  return project
}
const read = (critiques: unknown[]) =>
  parseProject(formatProject(withCritiques(critiques)), new Set())
const said = (critiques: unknown[]): string => {
  const reading = read(critiques)
  return reading.ok ? '' : `${reading.issues[0]!.place}: ${reading.issues[0]!.message}`
}

it('what a critic said comes back whole, with its photographs named for the zip', () => {
  const list = [critique('a'), critique('b')]
  const reading = read(list)
  expect(reading.ok && reading.value.figures[0]!.critiques).toEqual(list)
  expect(photosOf(withCritiques(list))).toEqual(expect.arrayContaining(['photo-a', 'photo-b']))
})

it('a second figure has nothing that was said of the first', () => {
  const project = withCritiques([critique('a')])
  const { figure } = secondOf(project.figures[0]!, [], 'Second', true, () => 'new')
  expect(figure.critiques).toBeUndefined()
  expect(figure.versions).toEqual(project.figures[0]!.versions)
})

it('what is wrong is named: kinds, parts, numbers, ids that stand twice, too many', () => {
  const one = critique('a')
  expect(said([{ ...one, faults: [{ key: 'ugly', part: 'all' }] }])).toContain(
    'no fault that is known',
  )
  expect(said([{ ...one, faults: [{ key: 'flat', part: 'nose', times: 1 }] }])).toContain(
    'is no part of the skin',
  )
  expect(said([{ ...one, off: -1 }])).toContain('allowed is 0 to 200')
  expect(said([{ ...one, neutral: 'snow' }])).toContain('is no neutral')
  expect(said([one, one])).toContain('"a" is used twice')
  const many = Array.from({ length: mostOf.critiques + 1 }, (_, i) => critique(`c${i}`))
  expect(said(many)).toContain(`more than ${mostOf.critiques} critiques`)
})
