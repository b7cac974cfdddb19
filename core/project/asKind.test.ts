import { expect, it } from 'vitest'
import { asKind } from './asKind'
import { plainTone } from './blank'

const hideOf = (made: ReturnType<typeof asKind>) => made.tone && JSON.stringify(made.tone)

it('what was only taken for a figure changes with its kind', () => {
  const creature = asKind({ plan: {} as never, tone: plainTone }, 'creature')
  expect(creature).toMatchObject({
    kind: 'creature',
    plan: { form: 'tusked' },
    tone: { kind: 'hide' },
  })
  const dead = asKind({ plan: creature.plan!, tone: creature.tone! }, 'dead')
  expect(dead.plan!.form).toBe('gaunt')
  expect(hideOf(dead)).not.toBe(hideOf(creature))
  const person = asKind({ plan: dead.plan!, tone: dead.tone! }, 'person')
  expect(person).toEqual({ kind: 'person', plan: {}, tone: plainTone })
})

it('what its painter chose stays, also where it is what would have been taken', () => {
  const { tone, plan } = asKind({ plan: {} as never, tone: plainTone }, 'creature')
  expect(asKind({ tone: tone!, plan: plan!, said: ['tone', 'form'] }, 'dead')).toEqual({
    kind: 'dead',
  })
  expect(asKind({ tone: tone!, plan: plan!, said: ['tone'] }, 'dead').plan).toEqual({
    form: 'gaunt',
  })
  expect(
    asKind({ tone: plainTone, plan: { form: 'hand' } as never }, 'creature').plan,
  ).toBeUndefined()
})
