import { computed, toRaw, watch } from 'vue'
import { baseReflectance, deltaE00 } from '../../../core'
import type { FigurePlan, Lab } from '../../../core'
import { threads } from '../../workers/threads'
import { afterMixes } from './afterMixes'
import { useAnswer } from '../../workers/useAnswer'
import { useProject } from '../project/project'
import { memoise } from '../memoise'
import { aimsOf, lightingOf } from './lighting'

/** Ladders whose every step differs by less than this are told to be alike, ΔE00. */
const ALIKE = 1.5

/** The open figure's ladder as another choice would have it. */
export interface Variant<Key> {
  key: Key
  steps: readonly { lab: Lab; share: number }[]
  /** The choice before it that it hardly differs from. */
  like?: Key
}

/** The largest step between two ladders; without end where they have other steps. */
function apart({ steps }: Variant<unknown>, other: Variant<unknown>): number {
  if (steps.length !== other.steps.length) return Infinity
  return Math.max(...steps.map(({ lab }, i) => deltaE00(lab, other.steps[i]!.lab)))
}

/**
 * What the open figure's ladder would be under each of several choices.
 * @param choices what each would change in its plan.
 */
export function useVariants<Key extends string>(
  choices: () => readonly { key: Key; made: Partial<FigurePlan> }[],
) {
  const store = useProject()
  const asked = memoise(() => {
    const { plan, size, tone } = store.figure
    const lightings = choices().map(({ key, made }) => ({
      key,
      lighting: lightingOf(aimsOf({ plan: { ...plan, ...made }, size })),
    }))
    return { tone, lightings, form: plan.form, light: plan.key }
  })
  const { answer, trouble, ask } = useAnswer<typeof asked.value, Variant<Key>[]>(
    async ({ tone, lightings, form, light }) => {
      if (!answer.value) await afterMixes()
      const ladders = await threads.tone().ladders({
        base: baseReflectance(toRaw(tone)),
        lightings: lightings.map(({ lighting }) => lighting),
        form,
        key: light && { ...light },
      })
      const made = ladders.map((steps, i): Variant<Key> => ({ key: lightings[i]!.key, steps }))
      return made.map((one, i) => {
        const like = made.slice(0, i).find((other) => apart(one, other) < ALIKE)?.key
        return like === undefined ? one : { ...one, like }
      })
    },
  )
  watch(asked, (job) => ask(job), { immediate: true })
  return {
    variants: computed(() => new Map((answer.value ?? []).map((one) => [one.key, one]))),
    trouble,
  }
}
