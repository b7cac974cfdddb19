import Papa from 'papaparse'
import { deltaE00 } from '../../colour/deltaE00'
import { mixInWords } from '../ladderRow'
import type { LogEntry } from '../project/schema'

const two = (value: number | undefined): string => value?.toFixed(2) ?? ''

/** The log as CSV with named columns, oldest first; what was not measured is left empty. */
export const formatLogCsv = (log: readonly LogEntry[], nameOf: (paint: string) => string): string =>
  Papa.unparse(
    log.map(({ at, figure, what, parts, thinner, predicted, real, note, minutes, photo }) => ({
      at,
      figure,
      what,
      mix: mixInWords(parts.map(({ paint, drops }) => ({ name: nameOf(paint), drops }))),
      thinner: thinner ?? '',
      predicted_L: two(predicted.L),
      predicted_a: two(predicted.a),
      predicted_b: two(predicted.b),
      real_L: two(real?.L),
      real_a: two(real?.a),
      real_b: two(real?.b),
      off_by: two(real && deltaE00(predicted, real)),
      minutes: minutes ?? '',
      photo: photo ?? '',
      note: note ?? '',
    })),
    { escapeFormulae: true, newline: '\n' },
  ) + '\n'
