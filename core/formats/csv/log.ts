import type { LogEntry } from '../../project/bench'
import { csvOf } from './csvOf'
import { deltaE00 } from '../../colour/deltaE00'
import { mixInWords } from '../ladderRow'

const two = (value: number | undefined): string => value?.toFixed(2) ?? ''

/**
 * The log as CSV with named columns, oldest first; what was not measured is left empty.
 * @param nameOf name of a paint by id, `figureOf` of a figure; an entry whose figure has gone keeps the name it had.
 * @example formatLogCsv([], (id) => id, () => '')
 */
export const formatLogCsv = (
  log: readonly LogEntry[],
  nameOf: (paint: string) => string,
  figureOf: (entry: LogEntry) => string,
): string =>
  csvOf(
    log.map((entry) => ({
      at: entry.at,
      figure: figureOf(entry),
      what: entry.what,
      mix: mixInWords(entry.parts.map(({ paint, drops }) => ({ name: nameOf(paint), drops }))),
      thinner: entry.thinner ?? '',
      predicted_L: two(entry.predicted.L),
      predicted_a: two(entry.predicted.a),
      predicted_b: two(entry.predicted.b),
      real_L: two(entry.real?.L),
      real_a: two(entry.real?.a),
      real_b: two(entry.real?.b),
      off_by: two(entry.real && deltaE00(entry.predicted, entry.real)),
      minutes: entry.minutes ?? '',
      photo: entry.photo ?? '',
      note: entry.note ?? '',
    })),
  )
