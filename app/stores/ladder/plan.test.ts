import { createPinia, setActivePinia } from 'pinia'
import { expect, it } from 'vitest'
import { baseReflectance, formSamples, recordOf, starterPaints } from '../../../core'
import { useProject } from '../project/project'
import { aimsOf } from './lighting'
import { targetsOf } from './plan'

it('what is searched for and shown is made once, and anew for all that moves it: a bottle of its tint, too', () => {
  setActivePinia(createPinia())
  const store = useProject()
  const blue = starterPaints.find(({ id }) => id === 'ultramarine')!
  store.addPaints([{ ...recordOf(blue), id: 'my-blue', name: 'My blue', origin: 'estimated' }])
  const plain = aimsOf(store.figure)
  const base = baseReflectance(store.figure.tone)
  const form = formSamples(store.figure.plan.form)
  const tinted = { ...plain, shadow: 'paint', shadowPaint: 'my-blue' } as const
  const targets = [
    targetsOf(plain, base, form),
    targetsOf(plain, base, form, { dark: 25 }),
    targetsOf({ ...plain, warmth: 0.9 }, base, form),
    targetsOf({ ...plain, moved: { base: { L: 3, a: 0, b: 0 } } }, base, form),
    targetsOf(tinted, base, form),
  ]
  const before = targets.at(-1)!
  expect(targetsOf({ ...tinted }, base, form)).toBe(before)
  store.removePaint('my-blue')
  targets.push(targetsOf(tinted, base, form))
  const looks = targets.map((steps) => JSON.stringify(steps.map(({ target }) => target)))
  expect(new Set(looks).size).toBe(looks.length)
})

it('how much is painted, and how it is mixed, moves no aim, so that nothing is sought anew', () => {
  setActivePinia(createPinia())
  const { figure } = useProject()
  const aims = JSON.stringify(aimsOf(figure))
  for (const plan of [
    ...[{ bare: 0.4 }, { maxDrops: 8 }, { maxPaints: 2 }],
    ...[{ puddles: 4 }, { way: 'run' }, { progression: ['burnt-umber'] }, { form: 'hand' }],
  ] as const)
    expect(JSON.stringify(aimsOf({ ...figure, plan: { ...figure.plan, ...plan } as never }))).toBe(
      aims,
    )
  for (const plan of [{ warmth: 0.9 }, { key: { azimuth: 10, elevation: 10 } }, { steps: 5 }])
    expect(
      JSON.stringify(aimsOf({ ...figure, plan: { ...figure.plan, ...plan } as never })),
    ).not.toBe(aims)
})
