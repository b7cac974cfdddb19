import { readFileSync, writeFileSync } from 'node:fs'
import { asMarkdown, referenceTable } from './table'

/** Prints the reference table and, with --write, puts it into docs/optics.md. */
const rows = referenceTable()
const table = asMarkdown(rows)
console.log(table)

if (process.argv.includes('--write')) {
  const path = new URL('../../docs/optics.md', import.meta.url)
  const text = readFileSync(path, 'utf8')
  const marks = /(<!-- reference -->\n)[\s\S]*(\n<!-- \/reference -->)/
  if (!marks.test(text)) throw new Error('docs/optics.md has no place marked for the table')
  writeFileSync(
    path,
    text.replace(marks, (_, open: string, close: string) => open + table + close),
  )
}
process.exit(rows.every(({ worst, limit }) => worst <= limit) ? 0 : 1)
