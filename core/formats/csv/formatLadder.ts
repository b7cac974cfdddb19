import { dropsIn } from '../../puddle/drops'
import { csvOf } from './csvOf'
import { hexOfLab } from '../../colour/display'
import { mixInWords } from '../ladderRow'
import type { LadderRow } from '../ladderRow'

const tenth = (value: number): string => value.toFixed(2)

/**
 * A ladder as CSV with named columns, decimal points; cells that look like formulas are quoted off.
 * @example formatLadderCsv(rows).split('\n').length
 */
export const formatLadderCsv = (rows: readonly LadderRow[]): string =>
  csvOf(
    rows.map(({ step, share, target, painted, deltaE00, parts }) => ({
      step,
      share_percent: tenth(share * 100),
      target_L: tenth(target.L),
      target_a: tenth(target.a),
      target_b: tenth(target.b),
      painted_L: tenth(painted.L),
      painted_a: tenth(painted.a),
      painted_b: tenth(painted.b),
      painted_hex: hexOfLab(painted),
      deltaE00: tenth(deltaE00),
      drops: dropsIn(parts),
      mix: mixInWords(parts),
    })),
  )
