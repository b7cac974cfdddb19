import { mkdirSync, rmSync } from 'node:fs'
import { installDebian, installPackages, readJson, run, runTogether, timed } from './machine.mjs'

/** Types, build and lint, unit and reference tests, browser tests; then one line that counts them. */
const times = []
/** Chromium and ArgyllCMS come while the packages do: one waits for the network, the other for the disk. */
const debian = installDebian()
await timed(times, 'packages', () => installPackages())
rmSync('reports', { recursive: true, force: true })
mkdirSync('reports')

/** Each keeps one core busy; types take longer than lint, so what is built is built after it. */
const looked = await timed(times, 'types, build and lint', () =>
  runTogether([
    ['types', 'npm', ['run', '-s', 'types']],
    ['lint and build', 'sh', ['-c', 'npm run -s lint && npx vite build --logLevel warn']],
  ]),
)
await timed(times, 'rest of Debian', () => debian)
const unwell = looked.flatMap(([name, well]) => (well ? [] : [name]))
const reports = ['--reporter=default', '--reporter=json', '--outputFile.json=reports/unit.json']
for (const [name, command, args] of [
  // Two files at once on two cores gain nothing from threads that collect garbage beside them.
  ['unit', 'node', ['--single-threaded-gc', 'node_modules/vitest/vitest.mjs', 'run', ...reports]],
  ['browser', 'npx', ['playwright', 'test']],
]) {
  console.log(`\n== ${name}`)
  if (!(await timed(times, name, () => run(command, args)))) unwell.push(name)
}

const unit = readJson('reports/unit.json')
const browser = readJson('reports/e2e.json')?.stats
const passed = (unit?.numPassedTests ?? 0) + (browser?.expected ?? 0)
const failed = (unit?.numFailedTests ?? 0) + (browser?.unexpected ?? 0) + (browser?.flaky ?? 0)
if (unwell.length > 0) console.log(`\nNot well: ${unwell.join(', ')}`)
console.log(`\nSeconds: ${times.map(([name, seconds]) => `${name} ${seconds}`).join(', ')}`)
// A part that is not well has failed, though no test of it has: types, lint, a build.
console.log(`${passed} passed, ${Math.max(failed, unwell.length)} failed`)
process.exit(unwell.length > 0 || failed > 0 || passed === 0 ? 1 : 0)
