import { computed } from 'vue'
import { dropsIn, ingredientKey, isBottle, moveKey, pourOf } from '../../../core'
import type { BenchMove, DoneMove, Ingredient, PlannedPuddle, ScheduledMove } from '../../../core'
import type { FigurePalette } from '../palette/figurePalette'

interface Asked {
  /** Palettes of the figures on the bench, as far as they are found. */
  palettes: () => ReadonlyMap<string, FigurePalette>
  /** Every move, done or not, by its key. */
  moves: () => ReadonlyMap<string, BenchMove>
  toCome: () => readonly ScheduledMove[]
  done: () => readonly DoneMove[]
  /** Keys of wells that were mixed ahead and have not dried out. */
  standing: () => ReadonlySet<string>
}

/** What is mixed for one move: puddles that it is painted from, and before them those that go into them. */
export interface BenchMixing {
  move: BenchMove
  wells: PlannedPuddle[]
}

/** Drops that all figures on the bench want of a puddle. */
function wantedOf(of: Ingredient, palettes: ReadonlyMap<string, FigurePalette>): number {
  let sum = 0
  for (const palette of palettes.values()) {
    const one = palette.plannedOf(of)
    if (one) sum += one.painted + dropsIn(one.poured)
  }
  return sum
}

/**
 * A puddle for a part of the moves that are painted from it: where it dries out between, each mixing is for what comes
 * until the next; all at once is what the palette says.
 */
function portion(one: PlannedPuddle, wanted: number, share: number): PlannedPuddle {
  const alone = one.painted + dropsIn(one.poured)
  if (share >= 1 && Math.abs(wanted - alone) < 1e-9) return one
  const used = wanted * share
  return { ...one, ...pourOf(one.parts, used, one.kept), painted: used - dropsIn(one.poured) }
}

/** What has to be mixed for the moves that are to come, in their order. */
export const useMixing = ({ palettes, moves, toCome, done, standing }: Asked) =>
  computed<BenchMixing[]>(() => {
    const known = palettes()
    /** Puddles that stand on the palette, mixed for what was done or comes before. */
    const open = new Set<string>()
    /** … mixed to be poured on, before the move that paints with them came. */
    const ahead = new Set<string>()
    const perWell = new Map<string, number>()
    for (const { puddle } of moves().values())
      if (puddle) perWell.set(puddle, (perWell.get(puddle) ?? 0) + 1)
    /** What was mixed for a puddle stands open too: it is not mixed again for the next. */
    const poured = (of: Ingredient, palette: FigurePalette): void => {
      if (isBottle(of)) return
      for (const inside of palette.plannedOf(of)?.parts ?? [])
        if (!isBottle(inside.of) && !open.has(ingredientKey(inside.of))) {
          open.add(ingredientKey(inside.of))
          ahead.add(ingredientKey(inside.of))
          poured(inside.of, palette)
        }
    }
    for (const one of done()) {
      const move = moves().get(moveKey(one))
      const palette = known.get(one.figure)
      for (const of of (move && palette?.paintedWith(one.of)) ?? []) {
        open.add(ingredientKey(of))
        ahead.delete(ingredientKey(of))
        poured(of, palette!)
      }
    }
    const ready = new Set(standing())
    for (const key of ready) open.add(key)
    const coming = toCome()
    return coming.flatMap(({ move, mixes }, i): BenchMixing[] => {
      const palette = known.get(move.figure)
      // A bottle that is opened for an undercoat is no puddle, yet it is taken from.
      const under = move.of.kind === 'undercoat' || move.of.kind === 'sketch'
      if (!palette || !(mixes || under)) {
        for (const of of palette?.paintedWith(move.of) ?? []) ready.delete(ingredientKey(of))
        return []
      }
      const next = coming.findIndex(
        (one, k) => k > i && one.mixes && one.move.puddle === move.puddle,
      )
      const served = coming
        .slice(i, next < 0 ? undefined : next)
        .filter((one) => one.move.puddle === move.puddle).length
      const share = move.puddle ? served / (perWell.get(move.puddle) ?? served) : 1
      const wells: PlannedPuddle[] = []
      const add = (of: Ingredient, part: number): void => {
        const one = palette.plannedOf(of)
        if (!one) return
        if (!isBottle(of))
          for (const inside of one.parts)
            if (!isBottle(inside.of) && !open.has(ingredientKey(inside.of))) {
              ahead.add(ingredientKey(inside.of))
              add(inside.of, 1)
            }
        open.add(ingredientKey(of))
        wells.push(portion(one, wantedOf(of, known), part))
      }
      for (const of of palette.paintedWith(move.of))
        if (
          !ahead.delete(ingredientKey(of)) &&
          !ready.delete(ingredientKey(of)) &&
          (mixes || isBottle(of))
        )
          add(of, share)
      return [{ move, wells }]
    })
  })
