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

const takenFor = [
  plainTone,
  ...[greyHide, daysDead].map((one) => ({ kind: 'hide', ...one.tone })),
].map((one) => JSON.stringify(one))

/**
 * What changes with a figure's kind: a form and a tone of which nothing was decided become those one expects of it. What
 * its painter chose stays, also where it is what would have been taken.
 * @example asKind({ plan: { form: 'hand' }, tone: { kind: 'hide', L: 48, a: 0, b: 0 } }, 'creature').kind // "creature"
 */
export function asKind(
  { plan, tone, said = [] }: Pick<Figure, 'plan' | 'tone' | 'said'>,
  kind: Figure['kind'],
): Partial<Figure> {
  const form = USUAL_FORM[kind]
  const usual = plan.form === undefined || Object.values(USUAL_FORM).includes(plan.form)
  const { form: _form, ...bare } = plan
  const hide = kind === 'creature' ? greyHide : daysDead
  return {
    kind,
    ...(usual && !said.includes('form') ? { plan: form ? { ...bare, form } : bare } : {}),
    ...(takenFor.includes(JSON.stringify(tone)) && !said.includes('tone')
      ? { tone: kind === 'person' ? plainTone : { kind: 'hide', ...hide.tone } }
      : {}),
  }
}
