import { readdirSync, readFileSync } from 'node:fs'

/** A name that a file gives to others. */
interface Exported {
  name: string
  file: string
}

const DECLARED =
  /^export (?:declare )?(?:abstract )?(?:async )?(?:const|let|function\*?|class|interface|type|enum) +(\w+)/gm

/** Names that a file declares and exports; what it only passes on has its name elsewhere. */
export const exportedFrom = (file: string, text: string): Exported[] =>
  [...text.matchAll(DECLARED)].map(([, name]) => ({ name: name!, file }))

/** Names that more than one file exports, each with its files: what one name says is one thing. */
export function exportedTwice(all: readonly Exported[]): { name: string; files: string[] }[] {
  const files = new Map<string, Set<string>>()
  for (const { name, file } of all) files.set(name, (files.get(name) ?? new Set()).add(file))
  return [...files].flatMap(([name, of]) => (of.size > 1 ? [{ name, files: [...of] }] : []))
}

/** The search kernel is written in AssemblyScript, which has its own words, and tests have theirs. */
const sources = (): string[] =>
  ['core', 'app', 'server', 'demo'].flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .map((file) => `${folder}/${file}`)
      .filter((file) => /\.(ts|vue)$/.test(file) && !/\.test\.ts$|kernel\/assembly\//.test(file)),
  )

if (process.argv[1]?.endsWith('exportedTwice.ts')) {
  const twice = exportedTwice(
    sources().flatMap((file) => exportedFrom(file, readFileSync(file, 'utf8'))),
  )
  for (const { name, files } of twice)
    console.error(`${name} is exported by ${files.join(' and ')}: one name, one thing`)
  process.exitCode = twice.length > 0 ? 1 : 0
}
