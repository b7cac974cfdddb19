import { spawnSync } from 'node:child_process'
import { existsSync, readFileSync, statSync } from 'node:fs'

/** Runs a command with its output shown; true when it ended well. */
export function run(command, args, options = {}) {
  const { status } = spawnSync(command, args, { stdio: 'inherit', ...options })
  return status === 0
}

/** Installs the packages when they are missing or older than the lock file. */
export function installPackages() {
  const mark = 'node_modules/.package-lock.json'
  if (existsSync(mark) && statSync(mark).mtimeMs >= statSync('package-lock.json').mtimeMs) return
  console.log('Installing packages…')
  if (!run('npm', ['ci', '--no-audit', '--no-fund'])) {
    console.error('The packages could not be installed; is the npm registry within reach?')
    process.exit(1)
  }
}

/** Installs Debian's Chromium when there is none. */
export function installChromium() {
  if (existsSync('/usr/bin/chromium')) return
  console.log('Installing Chromium from Debian…')
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  run('apt-get', ['update', '-qq'], { env })
  if (!run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], { env })) {
    console.error('Chromium could not be installed with apt-get; the browser tests need it.')
    process.exit(1)
  }
}

export const readJson = (path) =>
  existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : undefined
