import Papa from 'papaparse'
import { DECIMAL } from '../../numbers/decimal'

/** Spreadsheets run a cell that begins so; a number is no formula. */
const FORMULA = new RegExp(`^(?!${DECIMAL.source.slice(1)})[=+\\-@\\t\\r]`, 'i')

/** Rows with named columns as CSV, lines ended by \\n; cells that a spreadsheet would run are quoted off. */
export const csvOf = (rows: Parameters<typeof Papa.unparse>[0]): string =>
  Papa.unparse(rows, { escapeFormulae: FORMULA, newline: '\n' }) + '\n'
