import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { many } from '../../tests/thorough'
import { blankCommission, blankFigure } from './blank'
import type { Project } from './commission'
import type { Figure } from './figure'
import { withoutHeld } from './held'
import { asksAbout, restsOn } from './restsOn'
import { stepKeys } from './steps'
import type { StepKey } from './steps'
import { stepPuddle } from './storedPuddle'
import type { StoredPuddle } from './storedPuddle'
import { mostDropsOf } from './usualDrops'

const bottles = ['titanium-white', 'burnt-umber', 'red-iron-oxide', 'ultramarine']
const ids = ['mei', 'bram'] as const

/** A figure with coats of its steps and of mixes of its own, some of them brought by a method, or with nothing laid. */
const figureOf = (id: string): fc.Arbitrary<Figure> =>
  fc
    .record({
      steps: fc.array(fc.constantFrom(...stepKeys), { minLength: 1, maxLength: 5 }),
      laid: fc.boolean(),
      own: fc.boolean(),
      accent: fc.constantFrom('none', 'found', 'own'),
    })
    .map(({ steps, laid, own, accent }) =>
      blankFigure(id, {
        ...(laid
          ? {
              stack: {
                under: { kind: 'flat', of: { bottle: 'titanium-white' } },
                coats: [
                  ...steps.map((step, i) => ({
                    id: `c${i}`,
                    kind: 'layer' as const,
                    of: { puddle: stepPuddle(id, step) },
                  })),
                  ...(own
                    ? [{ id: 'own', kind: 'glaze' as const, of: { puddle: `${id}-mix` } }]
                    : []),
                ],
                ...(own ? { brought: [`${id}-mix`] } : {}),
              },
            }
          : {}),
        ...(accent === 'none'
          ? {}
          : {
              accents: [
                {
                  id: 'lip',
                  place: 'lower-lip',
                  ...(accent === 'own' ? { of: { puddle: `${id}-mix` } } : {}),
                },
              ],
            }),
      }),
    )
const settledOf = (id: string): fc.Arbitrary<StoredPuddle[]> =>
  fc
    .tuple(
      fc.uniqueArray(fc.constantFrom(...stepKeys), { maxLength: 4 }),
      fc.boolean(),
      fc.constantFrom(...bottles),
    )
    .map(([steps, held, bottle]) => [
      { id: `${id}-mix`, figure: id, parts: [{ of: { bottle }, drops: 2 }] },
      ...steps.map((step) => ({
        id: stepPuddle(id, step),
        figure: id,
        parts: [{ of: { bottle }, drops: 3 }],
        ...(held ? { held: true as const } : {}),
      })),
    ])
const commissions: fc.Arbitrary<Project> = fc
  .tuple(...ids.map(figureOf), ...ids.map(settledOf), fc.boolean())
  .map((all) => {
    const [one, other, mine, theirs, begun] = all as [
      Figure,
      Figure,
      StoredPuddle[],
      StoredPuddle[],
      boolean,
    ]
    return blankCommission('two', 'Two', {
      figure: 'mei',
      figures: [one, other],
      puddles: [...mine, ...theirs],
      done: begun ? [{ figure: 'mei', copy: 1, of: { kind: 'coat', coat: 'c0' }, at: 1 }] : [],
    })
  })

/** What a painter changes, each as one would write it. */
type Act = (project: Project) => Project
const ofMei =
  (make: (figure: Figure) => Partial<Figure>): Act =>
  (project) => ({
    ...project,
    figures: project.figures.map((one) => (one.id === 'mei' ? { ...one, ...make(one) } : one)),
  })
const planned = (made: Partial<Figure['plan']>) =>
  ofMei(({ plan }) => ({ plan: { ...plan, ...made } }))
const acts: fc.Arbitrary<Act> = fc.oneof(
  fc
    .double({ min: 0.01, max: 0.3, noNaN: true })
    .map((melanin) => ofMei(({ tone }) => ({ tone: { ...tone, melanin } as Figure['tone'] }))),
  fc.constantFrom(3, 5, 7, 9).map((steps) => planned({ steps: steps as 3 })),
  fc.constantFrom(0.8, 1, 1.3).map((contrast) => planned({ contrast })),
  fc.constantFrom('puddles', 'matched').map((way) => planned({ way: way as 'puddles' })),
  fc.constantFrom(4, 6, 12, undefined).map((maxDrops) => planned({ maxDrops })),
  fc.constantFrom(28, 54, 90).map((heightMm) => ofMei(() => ({ size: { heightMm } }))),
  fc.constantFrom(1, 3, 12).map((count) => ofMei(() => ({ many: count }))),
  fc.subarray(bottles).map((out): Act => (project) => ({ ...project, out })),
  fc
    .subarray(bottles, { minLength: 1 })
    .map((palette): Act => (project) => ({ ...project, palette })),
  fc.constantFrom(...bottles).map((id) => ofMei(() => ({ bottles: { without: [id] } }))),
  fc.constantFrom('ink', 'hobby').map((strength): Act => (project) => ({
    ...project,
    bottles: { 'burnt-umber': { strength: strength as 'hobby' } },
  })),
  fc.constant<Act>(ofMei(() => ({ note: 'by the window', name: 'Mei again' }))),
  fc.constant<Act>((project) => ({ ...project, name: 'Other', log: [] })),
)

/** All that the search for one step is asked with, or what is settled: a step is another where this is another. */
function asked(project: Project, figure: Figure, step: StepKey): string {
  const own = project.puddles?.find(({ id }) => id === stepPuddle(figure.id, step))
  if (own) return JSON.stringify(own.parts)
  const { maxDrops: _said, bare: _bare, ...plan } = figure.plan
  const taught = Object.entries(project.bottles ?? {}).map(([id, one]) => [id, one.strength])
  const isIn = bottles.filter((id) => !project.out.includes(id))
  return JSON.stringify([
    [figure.tone, plan, figure.size, mostDropsOf(figure), figure.sculpt],
    [isIn, figure.bottles, project.palette, taught],
  ])
}
const coatSteps = ({ id, stack }: Figure): Set<string> =>
  new Set(
    stack?.coats
      .flatMap(({ of }) => ('puddle' in of ? [of.puddle] : []))
      .filter((of) => of.startsWith(`${id}.`)),
  )

describe('what rests on what', () => {
  it('names every step that is found anew, says which were laid, and touches nothing that was settled', () => {
    fc.assert(
      fc.property(commissions, fc.array(acts, { minLength: 1, maxLength: 4 }), (before, list) => {
        const after = list.reduce((project, act) => act(project), before)
        const accounts = new Map(restsOn(before, after).map((one) => [one.figure, one]))
        for (const is of after.figures) {
          const was = before.figures.find(({ id }) => id === is.id)!
          const rests = accounts.get(is.id)?.rests ?? []
          for (const step of stepKeys) {
            const how = rests.find(({ of }) => of.kind === 'step' && of.step === step)?.how
            const moved = asked(before, was, step) !== asked(after, is, step)
            const stored = after.puddles!.some(({ id }) => id === stepPuddle(is.id, step))
            if (moved)
              expect(how).toBe(coatSteps(is).has(stepPuddle(is.id, step)) ? 'followed' : 'follows')
            if (stored) expect([undefined, 'keeps', 'held']).toContain(how)
            if (how === 'followed' || how === 'follows') expect(moved).toBe(true)
          }
        }
        // Taken back, the same causes; unchanged, nothing.
        expect(restsOn(after, before).map(({ causes }) => [...causes].sort())).toEqual(
          restsOn(before, after).map(({ causes }) => [...causes].sort()),
        )
        expect(restsOn(after, structuredClone(after))).toEqual([])
      }),
      { numRuns: many(5000, 1000) },
    )
  })

  it('asks where a method’s own mixes were made for another tone, not where they are of the ladder’s steps', () => {
    const mei = blankFigure('mei', {
      stack: {
        under: { kind: 'flat', of: { bottle: 'titanium-white' } },
        coats: [{ id: 'c', kind: 'layer', of: { puddle: 'half' } }],
        brought: ['plum', 'half'],
      },
    })
    const before = blankCommission('one', 'One', {
      figures: [mei],
      puddles: [
        { id: 'plum', figure: 'mei', parts: [{ of: { bottle: 'ultramarine' }, drops: 1 }] },
        { id: 'half', figure: 'mei', parts: [{ of: { puddle: 'mei.base' }, drops: 1 }] },
      ],
    })
    const tone = { ...mei.tone, melanin: 0.2 } as Figure['tone']
    const [account] = restsOn(before, { ...before, figures: [{ ...mei, tone }] })
    expect(account!.rests).toContainEqual({ of: { kind: 'mix', puddle: 'plum' }, how: 'held' })
    expect(account!.rests).not.toContainEqual({ of: { kind: 'mix', puddle: 'half' }, how: 'held' })
    expect(account!.rests).toContainEqual({ of: { kind: 'coat', coat: 'c' }, how: 'followed' })
    expect(asksAbout(account!)).toBe(true)
  })

  it('what is held goes as a whole, with the glazes that were held for places', () => {
    const puddles: StoredPuddle[] = [
      { id: 'mei.base', figure: 'mei', held: true, parts: [{ of: { bottle: 'a' }, drops: 1 }] },
      { id: 'lip', figure: 'mei', held: true, parts: [{ of: { bottle: 'a' }, drops: 1 }] },
      { id: 'bram.base', figure: 'bram', held: true, parts: [{ of: { bottle: 'a' }, drops: 1 }] },
      { id: 'mei.shade', figure: 'mei', parts: [{ of: { bottle: 'a' }, drops: 1 }] },
    ]
    const free = withoutHeld(
      {
        id: 'mei',
        accents: [{ id: 'l', place: 'lower-lip', of: { puddle: 'lip' }, thinner: 4, passes: 2 }],
      },
      puddles,
    )
    expect(free.puddles.map(({ id }) => id)).toEqual(['bram.base', 'mei.shade'])
    expect(free.figure.accents).toEqual([{ id: 'l', place: 'lower-lip' }])
  })
})
