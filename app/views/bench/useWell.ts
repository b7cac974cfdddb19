import { computed } from 'vue'
import { bottleParts, dispensed, dropsIn, isBottle, sameIngredient } from '../../../core'
import type { BottleDrops } from '../../../core'
import { colourOf } from '../../parts/palette/colourOf'
import { useBench } from '../../stores/bench/bench'
import { useProject } from '../../stores/project/project'
import { useKept } from './useKept'
import type { Made } from './useKept'
import { useTurn } from './useTurn'

type Parts = Made['made']

/** What was put together, with what was added since. */
function withAdded(made: Parts, add: readonly BottleDrops[]): Parts {
  const parts = made.map((part) => ({ ...part }))
  for (const { of, drops } of bottleParts(add)) {
    const had = parts.find((part) => sameIngredient(part.of, of))
    if (had) had.drops += drops
    else parts.push({ of, drops })
  }
  return parts
}

/** The well at hand, as it is planned, as it came out, and as it is put right. */
export function useWell() {
  const bench = useBench()
  const store = useProject()
  const { turn, move, palette, coat, well } = useTurn()
  const { minutes, off, keep, bottlesOf } = useKept(() => coat.value)
  const plannedWell = computed(() => {
    if (turn.value?.kind === 'mix') return turn.value.well
    const of = well.value
    return of && move.value
      ? bench.wellsOf(move.value).find((one) => sameIngredient(one.of, of))
      : undefined
  })
  const planned = computed(() =>
    plannedWell.value?.parts.map((part, i) => ({
      of: part.of,
      drops: plannedWell.value!.given.drops[i]!,
    })),
  )
  const aim = computed(() => well.value && palette.value && colourOf(well.value, palette.value))
  /** What can be put right: a mix that is there, and known. */
  const mendable = computed(() => {
    if (!planned.value || !aim.value || !palette.value || !well.value) return undefined
    if (isBottle(well.value)) return undefined
    return {
      of: well.value,
      name: palette.value.nameOf(well.value),
      aim: aim.value,
      parts: planned.value,
      bottles: bottlesOf(planned.value),
      move: `${store.project.id} ${turn.value?.id ?? ''}`,
    }
  })
  /** What can be written down. */
  const writable = computed(() =>
    planned.value && palette.value && coat.value
      ? {
          of: `${store.project.id} ${turn.value?.id ?? ''}`,
          parts: planned.value,
          nameOf: palette.value.nameOf,
          bottlesOf,
          thinner: bench.habits.thinner[coat.value.kind] ?? coat.value.thinner,
          minutes: minutes(),
        }
      : undefined,
  )
  /** What put the well right goes into the puddle, wherever it is used. */
  function mixSo(add: readonly BottleDrops[]): void {
    const one = off.value
    if (!one?.puddle) return
    const parts = withAdded(one.made, add)
    const given = dispensed(
      parts.map(({ drops }) => drops),
      dropsIn(parts),
    ).drops
    const kept = parts.map(({ of }, i) => ({ of, drops: given[i]! }))
    if (store.changePuddle(one.puddle, { parts: kept })) off.value = undefined
  }
  function write(made: Made): void {
    const known = well.value && aim.value ? { well: { of: well.value, aim: aim.value } } : {}
    keep({ ...made, ...known })
  }
  /** A well that was put right by looking: what is in it now looks as it should, as far as an eye sees. */
  function righted(add: BottleDrops[], near: boolean): void {
    const one = mendable.value
    if (!one) return
    const { L, a, b } = one.aim
    write({
      made: withAdded(one.parts, add),
      added: add,
      ...(near ? { note: 'put right as near as it comes' } : { real: { L, a, b }, readBy: 'eye' }),
    })
  }
  return { planned, mendable, writable, off, mixSo, write, righted }
}
