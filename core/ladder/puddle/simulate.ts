import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import type { Move } from './puddlePath'

/** A palette after a move: the well the move was about. */
export interface AfterMove {
  move: Move
  /** Drops in the well. */
  drops: number
  /** Colour of the well, nothing when it is empty. */
  lab: Lab | undefined
}

type Well = Map<Paint, number>
const total = (well: Well): number => [...well.values()].reduce((sum, drops) => sum + drops, 0)

/**
 * Mixes a path drop by drop and says what every well holds and looks like after every move.
 * @throws RangeError when a move takes more than a well holds.
 * @example simulatePath(puddlePath(puddles, 0).moves).at(-1).drops
 */
export function simulatePath(moves: readonly Move[]): AfterMove[] {
  const wells = new Map<string, Well>()
  const wellOf = (key: string): Well => {
    const well = wells.get(key) ?? new Map<Paint, number>()
    wells.set(key, well)
    return well
  }
  const take = (key: string, drops: number): Well => {
    const well = wellOf(key)
    const all = total(well)
    if (drops > all + 1e-9)
      throw new RangeError(`${drops} drops are taken from ${key}, which holds ${all}`)
    const share = all > 0 ? Math.min(1, drops / all) : 0
    const out: Well = new Map()
    for (const [paint, amount] of well) {
      out.set(paint, amount * share)
      well.set(paint, amount * (1 - share))
    }
    return out
  }
  return moves.map((move) => {
    let shown = move.step
    if (move.kind === 'mix' || move.kind === 'add') {
      const well = wellOf(move.step)
      for (const { paint, drops } of move.add)
        for (let left = drops; left > 1e-12; left -= 1)
          well.set(paint, (well.get(paint) ?? 0) + Math.min(1, left))
    } else if (move.kind === 'lift') {
      const out = take(move.step, move.drops)
      const well = wellOf(move.to)
      for (const [paint, drops] of out) well.set(paint, (well.get(paint) ?? 0) + drops)
      shown = move.step
    } else take(move.step, move.drops)
    const well = wellOf(shown)
    const parts = [...well].map(([paint, drops]) => ({ paint, drops }))
    const drops = total(well)
    return {
      move,
      drops,
      lab: drops > 1e-9 ? labOf(opaqueReflectance(mixPaints(parts))) : undefined,
    }
  })
}
