import { computed, toRaw, watch } from 'vue'
import { mixPaints, opaqueReflectance, resolveStack } from '../../../core'
import type { Figure, Paint, Stack, StackCoat } from '../../../core'
import { useAnswer } from '../../workers/useAnswer'
import { stackPlanOf } from '../coats'
import { glazeCoat, glazesOver } from '../glazes'
import { jobOfFigure } from '../ladder/plan'
import { quickMixes } from '../ladder/search'
import { paintOf, withPaints } from '../paints'
import { useProject } from '../project/project'
import { steady } from '../steady'

/** What is mixed for a figure that is painted alongside the chosen one. */
interface Mixed {
  stack: Stack
  /** Glazes of life by the key of their place. */
  glazes: ReadonlyMap<string, StackCoat>
}

async function mixed(figure: Figure, paints: Paint[]): Promise<Mixed> {
  const { job, steps } = jobOfFigure(figure, paints)
  const { mixes } = await quickMixes(job, () => undefined)
  const ladder = steps.map(({ key }, i) => ({
    key,
    parts: withPaints(figure.plan.kept[key] ?? mixes[i]!.parts),
  }))
  const base = opaqueReflectance(mixPaints(ladder.find(({ key }) => key === 'base')!.parts))
  const places = (figure.accents ?? []).map(({ place }) => place)
  const found = await glazesOver({ tone: figure.tone, places }, base, paints)
  const glazes = new Map(
    [...found].flatMap(([key, glaze]) => {
      const coat = glazeCoat(glaze)
      return coat ? [[key, coat] as const] : []
    }),
  )
  return { stack: resolveStack(stackPlanOf(figure), ladder, paintOf), glazes }
}

/** Figures that are painted in rotation with the chosen one, and their mixes as they are found. */
export function useAlongside(ids: () => readonly string[]) {
  const store = useProject()
  const figures = steady(() =>
    ids().flatMap(
      (id) => store.project.figures.find((one) => one.id === id && id !== store.figure.id) ?? [],
    ),
  )
  const { answer, trouble, ask } = useAnswer(
    async (figures: readonly Figure[]): Promise<ReadonlyMap<string, Mixed>> => {
      const next = new Map<string, Mixed>()
      for (const figure of figures)
        next.set(figure.id, await mixed(figure, store.paintsFor(figure).map(toRaw)))
      return next
    },
  )
  const known = computed(() => answer.value ?? new Map<string, Mixed>())
  watch(
    [figures, () => store.inCommission],
    () => {
      if (figures.value.length === 0 || store.inCommission.length === 0) return
      ask(figures.value)
    },
    { immediate: true },
  )
  return { figures, mixed: known, trouble }
}
