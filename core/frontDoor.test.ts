import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { scope } from '../tests/fixtures/frontDoor'
import * as core from './index'

const read = (path: string): string => readFileSync(new URL(path, import.meta.url), 'utf8')

/** Every value of the front door, with the file it stands in. */
const names = [...read('./index.ts').matchAll(/export \{([^}]*)\} from '([^']+)'/g)].flatMap(
  ([, list, file]) =>
    list!
      .split(',')
      .map((name) => ({ name: name.trim(), file: `${file}.ts` }))
      .filter(({ name }) => name !== ''),
)
const work = names.filter(
  ({ name }) => typeof (core as Readonly<Record<string, unknown>>)[name] === 'function',
)

/** The example in a name's doc comment: what is written, and what it should give where that is said. */
function exampleOf(name: string, file: string): { code: string; gives?: string } | undefined {
  const doc = new RegExp(
    `/\\*\\*((?:(?!\\*/)[\\s\\S])*)\\*/\\s*export (?:const|function\\*?|class) ${name}\\b`,
  ).exec(read(file))?.[1]
  const text = doc
    ?.split('@example ')[1]
    ?.split(/\n \* @/)[0]
    ?.replace(/\n \*/g, '\n')
    .trim()
  if (!text) return undefined
  const [code, gives] = text.split(' // ')
  return { code: code!, ...(gives === undefined ? {} : { gives }) }
}

describe('the examples of the front door run', () => {
  it.each(work)('$name', ({ name, file }) => {
    const example = exampleOf(name, file)
    expect(example, `${name} has an @example`).toBeDefined()
    const { code, gives } = example!
    expect(code).toContain(name)
    // The sources are ours: an example is run as it is written.
    const run = new Function(...Object.keys(scope), `return (${code})`)
    const found: unknown = run(...Object.values(scope))
    if (gives === undefined) return
    const about = /^about (.+)$/.exec(gives)?.[1]
    if (about) return expect(Math.abs(Number(found) - Number(about))).toBeLessThan(1)
    const wanted: unknown = JSON.parse(gives)
    if (typeof wanted === 'number') expect(found).toBeCloseTo(wanted, 3)
    else expect(found).toEqual(wanted)
  })
})
