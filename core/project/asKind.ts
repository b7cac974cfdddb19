import { hidePlaces } from '../tone/startingPlaces'
import { plainTone } from './blank'
import type { Figure } from './figure'
import type { FormKey } from './forms'

/** What a figure of each kind is shown on until its painter chooses another; people on the head that every figure has. */
const USUAL_FORM: Readonly<Partial<Record<Figure['kind'], FormKey>>> = {
  creature: 'tusked',
  dead: 'gaunt',
}
const greyHide = hidePlaces.find(({ name }) => name === 'grey')!
const daysDead = hidePlaces.find(({ name }) => name === 'days dead')!

/**
 * What changes with a figure's kind: a form and a tone of which nothing was decided become those one expects of it.
 * @example asKind({ plan: { form: 'hand' }, tone: { kind: 'hide', L: 48, a: 0, b: 0 } }, 'creature').kind // "creature"
 */
export function asKind(
  { plan, tone }: Pick<Figure, 'plan' | 'tone'>,
  kind: Figure['kind'],
): Partial<Figure> {
  const form = USUAL_FORM[kind]
  const usual = plan.form === undefined || Object.values(USUAL_FORM).includes(plan.form)
  const { form: _form, ...bare } = plan
  const untouched = [
    plainTone,
    ...[greyHide, daysDead].map((one) => ({ kind: 'hide', ...one.tone })),
  ]
  const hide = kind === 'creature' ? greyHide : daysDead
  return {
    kind,
    ...(usual ? { plan: form ? { ...bare, form } : bare } : {}),
    ...(untouched.some((one) => JSON.stringify(one) === JSON.stringify(tone))
      ? { tone: kind === 'person' ? plainTone : { kind: 'hide', ...hide.tone } }
      : {}),
  }
}
