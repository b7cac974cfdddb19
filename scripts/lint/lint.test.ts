import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { describe, expect, it } from 'vitest'
import { misplaced } from './frontDoor'
import { exportedFrom, exportedTwice } from './exportedTwice'

interface Files {
  path?: string
  pathNot?: string
}
interface Rule {
  name: string
  from: Files
  to: Files
}
const isOne = (file: string, { path, pathNot }: Files): boolean =>
  new RegExp(path!).test(file) && !(pathNot !== undefined && new RegExp(pathNot).test(file))
const required = createRequire(import.meta.url)
const { forbidden } = required('../../.dependency-cruiser.cjs') as { forbidden: Rule[] }
const { chain } = required('./layers.cjs') as { chain: readonly string[] }
/** Rules that an import from one file of another breaks. */
const broken = (from: string, to: string): string[] =>
  forbidden
    .filter((rule) => rule.from.path !== undefined && rule.to.path !== undefined)
    .filter((rule) => isOne(from, rule.from) && isOne(to, rule.to))
    .map(({ name }) => name)

describe('what lint holds', () => {
  it('refuses what reads upwards: the domain below recipe, ladder and coats, the file above it', () => {
    for (const above of [
      'recipe/recipe',
      'ladder/targets',
      'coats/stack',
      'formats/project/schema',
    ])
      expect(broken('core/project/figure.ts', `core/${above}.ts`), above).not.toEqual([])
    expect(broken('core/coats/plan.ts', 'core/project/coat.ts')).toEqual([])
    expect(broken('core/formats/project/schema.ts', 'core/project/figure.ts')).toEqual([])
    expect(broken('core/ladder/targets.ts', 'core/eye/looks.ts')).not.toEqual([])
    expect(broken('app/views/A.vue', 'core/ladder/targets.ts')).toEqual(['front-door'])
  })

  it('is told by the pages in the same order', () => {
    for (const page of ['README.md', 'CONTRIBUTING.md', 'docs/architecture.md'])
      expect(readFileSync(page, 'utf8').replace(/\s+/g, ' '), page).toContain(chain.join(' ← '))
  })

  it('refuses a name that two files export, not one that is only passed on', () => {
    const files = [
      exportedFrom('a.ts', 'export interface Place {\n}\nexport const one = 1\n'),
      exportedFrom('b.ts', "export type Place = string\nexport { one } from './a'\n"),
    ]
    expect(exportedTwice(files.flat())).toEqual([{ name: 'Place', files: ['a.ts', 'b.ts'] }])
  })

  it('refuses what nobody names at the front door, unless it is said to be for other programs', () => {
    const door =
      "export { labOf, lost } from './lab'\n/* For other programs */\nexport { mine } from './b'\n"
    expect(misplaced(door, 'labOf(mine)')).toEqual([
      'lost is named by nobody',
      'mine is named by us',
    ])
  })
})
