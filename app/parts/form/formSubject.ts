import { computed, watch } from 'vue'
import { formKeyOf, forms, usualKey } from '../../../core'
import type { Figure, FigurePlan, FormKey, Lab, StepKey } from '../../../core'
import type { ShownForm } from '../../vault/shownForm'
import { formOfFigure, formTrouble, useForm } from '../../stores/form'
import { useLadder } from '../../stores/ladder/ladder'
import { useProject } from '../../stores/project/project'
import { targetsOfFigure } from '../../stores/ladder/plan'
import { useAnswer } from '../../workers/useAnswer'

/** Whose form is shown, and how its ladder parts the light. */
export interface FormSubject {
  geometry: ShownForm | undefined
  /** The painter's own sculpt: no place of life is marked on it. */
  own: boolean
  key: FormKey
  name: string
  /** Why it could not be loaded; empty where it is there or on its way. */
  trouble: string
  /** What it aims at, dark to light. */
  steps: readonly { key: StepKey; target: Lab }[]
  light: NonNullable<FigurePlan['key']>
}

/** The form of the figure that is open, as every room shows it. */
export function useOpenSubject() {
  const store = useProject()
  const ladder = useLadder()
  const form = useForm()
  return computed<FormSubject>(() => ({
    geometry: form.geometry,
    own: form.own !== undefined,
    key: form.key,
    name: form.name,
    trouble: form.trouble,
    steps: ladder.steps,
    light: store.plan.key ?? usualKey,
  }))
}

/** The form of any figure of the commission, as it comes; nothing where there is no figure. */
export function useFormSubject(figure: () => Figure | undefined) {
  const { answer, trouble, ask } = useAnswer(formOfFigure, { words: formTrouble })
  watch(
    () => [figure()?.id, figure()?.sculpt, formKeyOf(figure()?.plan ?? {})] as const,
    ([id, sculpt, wanted]) => id !== undefined && ask({ sculpt, wanted }),
    { immediate: true },
  )
  const subject = computed<FormSubject | undefined>(() => {
    const one = figure()
    if (!one) return undefined
    const key = formKeyOf(one.plan)
    return {
      geometry: answer.value?.form,
      own: answer.value?.own !== undefined,
      key,
      name: answer.value?.own?.name ?? forms[key].name,
      trouble: trouble.value,
      steps: targetsOfFigure(one),
      light: one.plan.key ?? usualKey,
    }
  })
  return subject
}
