import { ref, shallowRef, watch } from 'vue'
import {
  bottlesIn,
  deltaE00,
  isBottle,
  labOf,
  longest,
  mixPaints,
  opaqueReflectance,
  predictMix,
} from '../../../core'
import type { BottleDrops, Ingredient, Lab, LogEntry, PuddlePart, StackCoat } from '../../../core'
import { useBench } from '../../stores/bench/bench'
import { withPaints } from '../../stores/paints'
import { useProject } from '../../stores/project/project'
import { newId } from '../../vault/newId'
import { mixTitle } from '../../words/turns'

/** What the painter says of a well that was mixed: what was put together, and what came of it. */
export interface Made extends Pick<
  LogEntry,
  'real' | 'reflectance' | 'readBy' | 'note' | 'minutes' | 'thinner' | 'photo'
> {
  made: PuddlePart[]
  /** The well it was, and what it should look like; that of the move at hand where not given. */
  well?: { of: Ingredient; aim: Lab }
  /** What was added to put it right: it leaves the bottles now. */
  added?: BottleDrops[]
}

/** A well that came out too far from what it should be. */
export interface Off {
  made: PuddlePart[]
  parts: BottleDrops[]
  aim: Lab
  found: Lab
  by: number
  /** The painter's own puddle, which may be mixed so from now on. */
  puddle?: string
}

/** Colour of a coat's puddle, opaque. */
export const wellOf = ({ parts }: StackCoat): Lab => labOf(opaqueReflectance(mixPaints(parts)))

/** Writes down what happened at the bench, and says when a well is off. */
export function useKept(coat: () => StackCoat | undefined) {
  const store = useProject()
  const bench = useBench()
  /** When this turn came up: the time it took is what went by since. */
  const since = ref(Date.now())
  const off = shallowRef<Off>()
  watch(
    () => bench.turn?.id,
    () => {
      since.value = Date.now()
      // What was off is the well that stood here.
      off.value = undefined
    },
  )

  const palette = () => bench.now && bench.palettes.get(bench.now.move.figure)
  /** Drops of bottles in what was put together, in parts of drops where puddles were. */
  const bottlesOf = (made: readonly PuddlePart[]): BottleDrops[] =>
    bottlesIn(made, palette()?.partsOf ?? (() => undefined))

  function keep({ made, well, added, ...said }: Made): boolean {
    const { now } = bench
    const planned = coat()
    const names = palette()
    if (!now || !planned || !names) return false
    const parts = bottlesOf(made)
    const { L, a, b } = predictMix(withPaints(parts)).lab
    const of = well?.of ?? bench.wellOf(now.move)
    const what = of && bench.turn?.kind === 'mix' ? mixTitle(names.nameOf(of)) : now.move.words
    const puddle = of && !isBottle(of) && !names.found.some(({ id }) => id === of.puddle)
    const poured = made.map((part) => ({ name: names.nameOf(part.of), drops: part.drops }))
    const written = store.addToLog(
      {
        id: newId(),
        at: new Date().toISOString(),
        figure: now.move.figure,
        who: bench.figureName(now.move).slice(0, longest.name),
        what: what.slice(0, longest.words),
        of: now.move.of,
        kind: planned.kind,
        predicted: { L, a, b },
        parts,
        ...(puddle ? { puddle: of.puddle } : {}),
        ...(made.some((part) => !isBottle(part.of)) ? { poured } : {}),
        ...said,
      },
      added,
    )
    if (!written) return false
    const aim = well?.aim ?? wellOf(planned)
    const by = said.real ? deltaE00(aim, said.real) : 0
    const own = puddle ? store.puddleOf(of.puddle) : undefined
    off.value =
      said.real && by > bench.tolerance
        ? { made, parts, aim, found: said.real, by, ...(own ? { puddle: own.id } : {}) }
        : undefined
    return true
  }
  const minutes = (): number => Math.round((Date.now() - since.value) / 60_000)
  return { minutes, off, keep, bottlesOf }
}
