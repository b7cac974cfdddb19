import { hidePlaces } from '../tone/startingPlaces'
import { plainTone } from './blank'
import type { Figure } from './figure'
import { formKeyOf } from './forms'
import type { FormKey } from './forms'

/**
 * What figures of each kind are shown on until their painter chooses another: the first, and the next where others have
 * that already, so that figures are told apart by their faces too.
 */
const USUAL_FORMS: Readonly<Record<Figure['kind'], readonly FormKey[]>> = {
  person: ['head', 'woman', 'old', 'crone', 'heavy'],
  creature: ['tusked', 'sly', 'horned', 'drake', 'newt'],
  dead: ['gaunt'],
}
const PLAIN_FORM = formKeyOf({})
const greyHide = hidePlaces.find(({ name }) => name === 'grey')!
const daysDead = hidePlaces.find(({ name }) => name === 'days dead')!

const takenFor = [
  plainTone,
  ...[greyHide, daysDead].map((one) => ({ kind: 'hide', ...one.tone })),
].map((one) => JSON.stringify(one))

/**
 * What changes with a figure's kind: a form and a tone of which nothing was decided become those one expects of it. What
 * its painter chose stays, also where it is what would have been taken.
 * @param others figures beside it, whose forms are not taken again while there are more.
 * @example asKind({ plan: { form: 'hand' }, tone: { kind: 'hide', L: 48, a: 0, b: 0 } }, 'creature').kind // "creature"
 */
export function asKind(
  { plan, tone, said = [] }: Pick<Figure, 'plan' | 'tone' | 'said'>,
  kind: Figure['kind'],
  others: readonly Pick<Figure, 'plan'>[] = [],
): Partial<Figure> {
  const taken = others.map((one) => formKeyOf(one.plan))
  const mine = USUAL_FORMS[kind]
  const form = mine.find((one) => !taken.includes(one)) ?? mine[0]!
  const usual =
    plan.form === undefined || Object.values(USUAL_FORMS).some((list) => list.includes(plan.form!))
  const { form: _form, ...bare } = plan
  const hide = kind === 'creature' ? greyHide : daysDead
  return {
    kind,
    ...(usual && !said.includes('form')
      ? { plan: form === PLAIN_FORM ? bare : { ...bare, form } }
      : {}),
    ...(takenFor.includes(JSON.stringify(tone)) && !said.includes('tone')
      ? { tone: kind === 'person' ? plainTone : { kind: 'hide', ...hide.tone } }
      : {}),
  }
}
