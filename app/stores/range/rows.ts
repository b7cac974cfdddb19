import { defineStore } from 'pinia'
import { computed, shallowRef, toRaw, watch } from 'vue'
import { seenApart, seenOf } from '../../../core'
import type { Figure, Paint, SeenFrom, SeenRow, StoredPuddle } from '../../../core'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { useEye } from '../eye/eye'
import { useProject } from '../project/project'
import { rowOf } from './rowOf'
import type { RangeRow } from './rowOf'
import { toneApart } from './toneApart'

/** How many steps any of the rows has below and above its base. */
export const rowReach = (rows: readonly RangeRow[]): { below: number; above: number } => ({
  below: Math.max(0, ...rows.map(({ base }) => base)),
  above: Math.max(0, ...rows.map(({ base, steps }) => steps.length - 1 - base)),
})

const seenRow = ({ steps, base, figure }: RangeRow): SeenRow => ({
  steps: steps.map(({ painted, share }) => ({ lab: painted, share })),
  base,
  sizeMm: figure.size.heightMm,
})

/** What a row depends on: as long as that stays, it stays. */
interface Ask {
  figure: Figure
  paints: Paint[]
  stored: StoredPuddle[]
}
const same = (one: Ask, other: Ask): boolean =>
  one.figure === other.figure &&
  one.paints.length === other.paints.length &&
  one.paints.every((paint, i) => paint === other.paints[i]) &&
  one.stored.length === other.stored.length &&
  one.stored.every((puddle, i) => puddle === other.stored[i])

/** Every figure of the commission as it is mixed; what changed is found anew, the rest stays. */
export const useRange = defineStore('range', () => {
  const store = useProject()
  const eye = useEye()
  const known = shallowRef<ReadonlyMap<string, { ask: Ask; row: RangeRow }>>(new Map())
  // Read by itself, as the figures are: a change elsewhere in the commission makes no row anew.
  const puddles = computed(() => store.project.puddles)
  const asks = computed(() =>
    store.figures.map((figure): Ask => ({
      figure: toRaw(figure),
      paints: store.tableFor(figure).map(toRaw),
      stored: (puddles.value ?? [])
        .filter((one) => one.figure === undefined || one.figure === figure.id)
        .map(toRaw),
    })),
  )
  const { trouble, busy, ask } = useAnswer<readonly Ask[], void>(async (list, { newest }) => {
    const left = list.filter((one) => {
      const had = known.value.get(one.figure.id)
      return one.paints.length > 0 && !(had && same(had.ask, one))
    })
    // Those first that cannot stay as they are: a bottle in them is off the table, or they are new.
    const stands = ({ figure, paints }: Ask): boolean => {
      const table = new Set(paints.map(({ id }) => id))
      return known.value.get(figure.id)?.row.bottles.every((id) => table.has(id)) ?? false
    }
    left.sort((one, other) => Number(stands(one)) - Number(stands(other)))
    // Two at a time, each thread with a table of its own.
    const lane = async (recipe: typeof threads.recipe): Promise<void> => {
      for (let one = left.shift(); one && newest(); one = left.shift()) {
        const row = await rowOf(one.figure, one.paints, one.stored, recipe)
        known.value = new Map(known.value).set(one.figure.id, { ask: one, row })
      }
    }
    await Promise.all([threads.recipe, threads.rows].map(lane))
  })
  /** Rows are only found while somebody looks at them. */
  function look(): void {
    watch(asks, (list) => ask(list), { immediate: true })
  }
  const rows = computed(() =>
    store.figures.map((figure) => ({ figure, row: known.value.get(figure.id)?.row })),
  )
  const seen = computed(() =>
    rows.value.flatMap(({ row }) => (row ? [{ row, seen: seenOf(seenRow(row)) }] : [])),
  )
  /** Rows that read alike from a distance, the nearest first, by the id of each. */
  function alike(from: SeenFrom): ReadonlyMap<string, RangeRow[]> {
    const near = new Map<string, { row: RangeRow; light: number }[]>()
    const add = (id: string, row: RangeRow, light: number): void =>
      void near.set(id, [...(near.get(id) ?? []), { row, light }])
    seen.value.forEach((one, i) => {
      for (const other of seen.value.slice(0, i)) {
        const { alike: same, light } = seenApart(one.seen, other.seen, from, eye.tolerance)
        if (!same) continue
        add(one.row.figure.id, other.row, light)
        add(other.row.figure.id, one.row, light)
      }
    })
    return new Map(
      [...near].map(([id, list]) => [
        id,
        list.sort((one, other) => one.light - other.light).map(({ row }) => row),
      ]),
    )
  }
  /** The tone that tells a figure apart from others as they are mixed; nothing when none does. */
  const apart = (mine: RangeRow, others: readonly RangeRow[], from: SeenFrom) => {
    const { figure } = mine
    const { paints, stored } = asks.value.find((one) => one.figure.id === figure.id)!
    return toneApart({
      figure,
      painted: seenOf(seenRow(mine)),
      others: others.map((row) => seenOf(seenRow(row))),
      from,
      inHand: eye.tolerance,
      paintedWith: async (tone) =>
        seenOf(seenRow(await rowOf({ ...figure, tone }, paints, stored))),
    })
  }
  return { rows, trouble, busy, look, alike, toneApart: apart }
})
