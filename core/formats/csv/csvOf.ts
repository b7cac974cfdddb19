import Papa from 'papaparse'
import { DECIMAL } from '../../numbers/decimal'

/** Spreadsheets run a cell that begins so; a number is no formula. */
const FORMULA = new RegExp(`^(?!${DECIMAL.source.slice(1)})[=+\\-@\\t\\r]`, 'i')

/** Spreadsheets take a text without it for that of another alphabet (Unicode 16, 23.8). */
const BYTE_ORDER_MARK = '\uFEFF'

/**
 * Rows with named columns as CSV as spreadsheets expect it: UTF-8 that says so, lines ended by CR LF (RFC 4180); cells that
 * a spreadsheet would run are quoted off.
 */
export const csvOf = (rows: Parameters<typeof Papa.unparse>[0]): string =>
  `${BYTE_ORDER_MARK}${Papa.unparse(rows, { escapeFormulae: FORMULA, newline: '\r\n' })}\r\n`
