import { defineStore } from 'pinia'
import { computed, markRaw } from 'vue'
import { mostDropsOf } from '../../../core'
import type { Figure, LogEntry, Paint } from '../../../core'
import { allPaints, isOwn } from '../paints'
import { bottleActions } from './bottles'
import { figureActions } from './figures'
import { ladderActions } from './ladders'
import { paintingActions } from './painting'
import { puddleActions } from './puddles'
import { useWork } from './work'
import { memoise } from '../memoise'

/** Mediums, thinners and varnishes have no colour to give. */
const mixes = (kind: Paint['kind']): boolean =>
  kind === undefined || kind === 'paint' || kind === 'translucent' || kind === 'ink'

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
  const isOwned = (id: string): boolean => bottles.value?.[id]?.owned ?? isOwn(id)
  const inCommission = computed(() => {
    const kept = new Set(out.value)
    return markRaw(
      paints.value.filter(
        ({ id, kind }) => !kept.has(id) && mixes(kind) && (!ownedOnly.value || isOwned(id)),
      ),
    )
  })
  /** Paints that a figure may be mixed from, in the order of the box. */
  function allowed({ more, without }: NonNullable<Figure['bottles']>): Paint[] {
    if (!more?.length && !without?.length) return inCommission.value
    const had = new Set(inCommission.value)
    return markRaw(
      paints.value.filter((paint) => {
        if (without?.includes(paint.id)) return false
        if (had.has(paint)) return true
        const { id, kind } = paint
        return Boolean(more?.includes(id)) && mixes(kind) && (!ownedOnly.value || isOwned(id))
      }),
    )
  }
  /** … those of the figure that is open. */
  const paintsIn = computed(() => allowed(here.value ?? {}))
  /** Ids of the few bottles on the table, where some were chosen. */
  const table = computed(() => project.value.palette)
  /** Of paints that are in, those on the table; all of them where no table was chosen, or none of it is in. */
  function tabled(from: Paint[], { more }: NonNullable<Figure['bottles']>): Paint[] {
    if (!table.value) return from
    const kept = new Set([...table.value, ...(more ?? [])])
    const few = from.filter(({ id }) => kept.has(id))
    return few.length > 0 ? markRaw(few) : from
  }
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
    isOwned,
    log,
    ...figureActions(work),
    ...ladderActions(work),
    ...paintingActions(work),
    ...bottleActions(work),
    ...puddleActions(work),
  }
})
