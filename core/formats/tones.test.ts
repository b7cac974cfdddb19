import { describe, expect, it } from 'vitest'
import { lowTide } from '../../demo/lowTide'
import { starterPaints } from '../paint/starter'
import { recordOf } from './box/record'
import { formatProject } from './project/format'
import { parseProject } from './project/parse'
import { formatTones } from './tone/format'
import { parseTones } from './tone/parse'

const ids = new Set(starterPaints.map(({ id }) => id))
const tones = [
  {
    name: 'weathered tan',
    tone: {
      kind: 'skin',
      melanin: 0.05,
      blood: 0.03,
      oxygenation: 0.8,
      state: 'ill',
      strength: 0.4,
    },
  },
  { name: 'kelp', tone: { kind: 'hide', lab: { L: 48, a: -20, b: -4 }, bile: 0.2, bloodHue: 260 } },
] as const

describe('tones as files', () => {
  it('come back as they went', () => {
    expect(parseTones(formatTones(tones as never))).toEqual({ ok: true, value: tones })
  })

  it.each([
    ['{', /line 1/],
    ['{"format":"other"}', /format: this is no file of tones/],
    [
      formatTones(tones as never).replace('0.05', '7'),
      /tones\[0\]\.tone\.melanin: is 7; allowed is 0.003 to 0.45/,
    ],
    [formatTones(tones as never).replace('"ill"', '"odd"'), /tones\[0\]\.tone\.state: is no state/],
    [formatTones(tones as never).replace('-4', '-120'), /tones\[1\]\.tone: no surface has/],
  ])('%# is refused by place', (text, why) => {
    const reading = parseTones(text)
    expect(
      reading.ok ? '' : reading.issues.map(({ place, message }) => `${place}: ${message}`).join(),
    ).toMatch(why)
  })
})

describe('own paints in a project', () => {
  const demo = lowTide([...ids])
  const own = {
    ...recordOf(starterPaints[5]!),
    id: 'my-ochre',
    name: 'my ochre',
    origin: 'calibrated' as const,
  }
  const project = { ...demo, box: [own], bottles: { 'my-ochre': { ml: 17 } }, tones: [...tones] }

  it('are kept with their bottles and can be used in mixes', () => {
    const used = structuredClone(project)
    used.puddles = [
      { id: 'isaura.base', figure: 'isaura', parts: [{ of: { bottle: 'my-ochre' }, drops: 3 }] },
    ]
    expect(parseProject(formatProject(used as never), ids)).toEqual({ ok: true, value: used })
  })

  it('are refused when their curves are torn or their name is taken', () => {
    const torn = { ...project, box: [{ ...own, K: own.K.slice(0, 40) }] }
    const reading = parseProject(formatProject(torn as never), ids)
    expect(reading.ok ? '' : reading.issues[0]!.place).toBe('box[0].K')
    const twice = parseProject(
      formatProject({ ...project, box: [{ ...own, id: 'yellow-ochre' }] } as never),
      ids,
    )
    expect(twice.ok ? '' : twice.issues[0]!.message).toContain('used twice')
  })
})
