import { defineStore } from 'pinia'
import { computed, markRaw, proxyRefs } from 'vue'
import { mostDropsOf } from '../../../core'
import type { Figure, LogEntry, Paint } from '../../../core'
import { allPaints } from '../paints'
import { bottleActions } from './bottles'
import { inCommissionOf, inForFigure, isOwnedIn, onTableOf } from './bottlesFor'
import { figureActions } from './figures'
import { ladderActions } from './ladders'
import { paintingActions } from './painting'
import { puddleActions } from './puddles'
import { useWork } from './work'
import { memoise } from '../memoise'

const NOTHING: readonly never[] = []

/** The commission on the bench and every change that can be made to it. */
export const useProject = defineStore('project', () => {
  const work = useWork()
  const { project, figure } = work

  /** Every paint: starters, then the painter's own. */
  const paints = computed(() => markRaw(allPaints()))
  // Each read by itself, so that a change elsewhere finds nothing anew.
  const figures = computed(() => project.value.figures)
  const out = computed(() => project.value.out)
  const bottles = computed(() => project.value.bottles)
  const ownedOnly = computed(() => project.value.ownedOnly ?? false)
  const here = computed(() => figure.value.bottles)
  const box = computed(() => project.value.box)
  /** Ids of the few bottles on the table, where some were chosen. */
  const table = computed(() => project.value.palette)
  const says = proxyRefs({ out, bottles, box, ownedOnly, palette: table })
  const inCommission = computed(() => markRaw(inCommissionOf(says, paints.value)))
  const allowed = (of: NonNullable<Figure['bottles']>): Paint[] =>
    markRaw(inForFigure(says, of, paints.value, inCommission.value))
  /** … those of the figure that is open. */
  const paintsIn = computed(() => allowed(here.value ?? {}))
  const tabled = (from: Paint[], of: NonNullable<Figure['bottles']>): Paint[] =>
    markRaw(onTableOf(says, of, from))
  /** What the ladder of the figure that is open is mixed from. */
  const onTable = computed(() => tabled(paintsIn.value, here.value ?? {}))
  /** Drops of a puddle of the open figure at most, said or usual. */
  const mostDrops = computed(() => mostDropsOf(figure.value))
  /** Let-downs of the commission; they stay the same while other puddles change. */
  const letDowns = memoise(() => (project.value.puddles ?? []).filter(({ letDown }) => letDown))
  const log = computed<readonly LogEntry[]>(() => project.value.log ?? NOTHING)

  return {
    ...work,
    figures,
    paints,
    inCommission,
    paintsIn,
    table,
    onTable,
    mostDrops,
    letDowns,
    tableFor: ({ bottles = {} }: Pick<Figure, 'bottles'>) => tabled(allowed(bottles), bottles),
    paintsFor: ({ bottles }: Pick<Figure, 'bottles'>) => allowed(bottles ?? {}),
    isOwned: (id: string) => isOwnedIn(says, id),
    log,
    ...figureActions(work),
    ...ladderActions(work),
    ...paintingActions(work),
    ...bottleActions(work),
    ...puddleActions(work),
  }
})
