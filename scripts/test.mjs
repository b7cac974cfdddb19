import { mkdirSync, rmSync } from 'node:fs'
import { installDebian, installPackages, readJson, run } from './machine.mjs'

/** Types, lint, unit and reference tests, build, browser tests; then one line that counts them. */
installPackages()
installDebian()
rmSync('reports', { recursive: true, force: true })
mkdirSync('reports')

const steps = [
  ['types', 'npm', ['run', '-s', 'types']],
  ['lint', 'npm', ['run', '-s', 'lint']],
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
  ['build', 'npx', ['vite', 'build', '--logLevel', 'warn']],
  ['e2e', 'npx', ['playwright', 'test']],
]
const broken = steps.filter(([name, command, args]) => {
  console.log(`\n== ${name}`)
  return !run(command, args)
})

const unit = readJson('reports/unit.json')
const e2e = readJson('reports/e2e.json')
const passed = (unit?.numPassedTests ?? 0) + (e2e ? e2e.stats.expected + e2e.stats.flaky : 0)
const failed = (unit?.numFailedTests ?? 0) + (e2e?.stats.unexpected ?? 0)
if (broken.length > 0) console.log(`\nNot well: ${broken.map(([name]) => name).join(', ')}`)
console.log(`${passed} passed, ${failed} failed`)
process.exit(broken.length > 0 || failed > 0 || passed === 0 ? 1 : 0)
