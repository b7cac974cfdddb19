import { computed, toRaw, watch } from 'vue'
import { mixPaints, opaqueReflectance, stepPuddle } from '../../../core'
import type { Figure, Paint } from '../../../core'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { detailsOf } from '../accents/details'
import { glazesOf, glazesOver, placesToFind } from '../accents/glazes'
import { spotsOf } from '../ladder/plan'
import { foundContents } from '../palette/foundContents'
import { FigurePalette } from '../palette/figurePalette'
import type { FigurePaint } from '../palette/figurePaint'
import { usePalette } from '../palette/palette'
import { zoneNames } from '../palette/zoneNames'
import { useProject } from '../project/project'
import { memoise } from '../memoise'

/** Everything that a figure which is painted alongside the chosen one is painted with, found anew for it. */
async function paintOf(
  figure: Figure,
  { paints, table }: { paints: Paint[]; table: Paint[] },
  project: ReturnType<typeof useProject>['project'],
): Promise<FigurePaint> {
  const { id } = figure
  const stored = (project.puddles ?? []).filter(
    (one) => one.figure === undefined || one.figure === id,
  )
  const { steps, contents } = await foundContents(figure, table, stored)
  const ground = opaqueReflectance(mixPaints(contents.mixOf({ puddle: stepPuddle(id, 'base') })))
  const places = placesToFind(figure)
  const found = await glazesOver({ tone: figure.tone, places }, ground, paints)
  const small = (figure.details ?? []).length > 0 ? await threads.coats().small(paints) : []
  return {
    figure,
    spots: spotsOf(figure, steps),
    contents,
    glazes: glazesOf(figure, ground, contents, found, paints),
    details: detailsOf(figure, small, contents),
  }
}

/** Figures that are painted in rotation with the chosen one, and their mixes as they are found. */
export function useAlongside(ids: () => readonly string[]) {
  const store = useProject()
  const figures = memoise(() =>
    ids().flatMap(
      (id) => store.project.figures.find((one) => one.id === id && id !== store.figure.id) ?? [],
    ),
  )
  const { answer, trouble, ask } = useAnswer(
    async (figures: readonly Figure[]): Promise<ReadonlyMap<string, FigurePaint>> => {
      const next = new Map<string, FigurePaint>()
      for (const figure of figures)
        next.set(
          figure.id,
          await paintOf(
            figure,
            {
              paints: store.paintsFor(figure).map(toRaw),
              table: store.tableFor(figure).map(toRaw),
            },
            store.project,
          ),
        )
      return next
    },
  )
  const known = computed(() => answer.value ?? new Map<string, FigurePaint>())
  const puddles = memoise(() => (figures.value.length > 0 ? (store.project.puddles ?? []) : []))
  watch(
    [figures, puddles, () => store.inCommission],
    () => {
      if (figures.value.length === 0 || store.inCommission.length === 0) return
      ask(figures.value)
    },
    { immediate: true },
  )
  const open = usePalette()
  /** Palettes of the figures on the bench; one alongside is there once its mixes are found. */
  const palettes = computed(
    () =>
      new Map([
        [store.figure.id, open.palette] as const,
        ...[...known.value].map(
          ([id, paint]) => [id, new FigurePalette(paint, zoneNames(paint.figure))] as const,
        ),
      ]),
  )
  return { figures, palettes, trouble }
}
