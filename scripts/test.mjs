import { mkdirSync, rmSync } from 'node:fs'
import { installDebian, installPackages, readJson, run, runTogether } from './machine.mjs'

/** Types, build and lint, unit and reference tests, browser tests; then one line that counts them. */
installPackages()
installDebian()
rmSync('reports', { recursive: true, force: true })
mkdirSync('reports')

/** Each keeps one core busy; lint takes longer than types, so what is built is built beside it. */
const looked = await runTogether([
  ['types and build', 'sh', ['-c', 'npm run -s types && npx vite build --logLevel warn']],
  ['lint', 'npm', ['run', '-s', 'lint']],
])
const steps = [
  [
    'unit',
    'npx',
    [
      'vitest',
      'run',
      '--reporter=default',
      '--reporter=json',
      '--outputFile.json=reports/unit.json',
    ],
  ],
  [
    'e2e together',
    'npx',
    ['playwright', 'test', '--project', 'together', '--workers', '2'],
    'together',
  ],
  ['e2e alone', 'npx', ['playwright', 'test', '--project', 'alone'], 'alone'],
]
const unwell = looked.flatMap(([name, well]) => (well ? [] : [[name]]))
const ran = steps.filter(([name, command, args, report]) => {
  console.log(`\n== ${name}`)
  const env = report ? { ...process.env, REPORT: `reports/${report}.json` } : process.env
  return !run(command, args, { env })
})
const broken = [...unwell, ...ran]

const unit = readJson('reports/unit.json')
const e2e = ['together', 'alone'].flatMap((name) => readJson(`reports/${name}.json`)?.stats ?? [])
const sum = (list, of) => list.reduce((all, one) => all + of(one), 0)
const passed = (unit?.numPassedTests ?? 0) + sum(e2e, ({ expected, flaky }) => expected + flaky)
const failed = (unit?.numFailedTests ?? 0) + sum(e2e, ({ unexpected }) => unexpected)
if (broken.length > 0) console.log(`\nNot well: ${broken.map(([name]) => name).join(', ')}`)
console.log(`${passed} passed, ${failed} failed`)
process.exit(broken.length > 0 || failed > 0 || passed === 0 ? 1 : 0)
