import { spawn, spawnSync } from 'node:child_process'
import { existsSync, readFileSync, statSync } from 'node:fs'

/** Runs a command with its output shown; true when it ended well. */
export function run(command, args, options = {}) {
  const { status } = spawnSync(command, args, { stdio: 'inherit', ...options })
  return status === 0
}

/** Runs commands beside each other; what each printed is shown when it has ended. @returns which ended well. */
export const runTogether = (commands) =>
  Promise.all(
    commands.map(
      ([name, command, args]) =>
        new Promise((resolve) => {
          const child = spawn(command, args)
          const printed = []
          for (const stream of [child.stdout, child.stderr])
            stream.on('data', (data) => printed.push(data))
          child.on('close', (code) => {
            console.log(`\n== ${name}\n${Buffer.concat(printed).toString()}`)
            resolve([name, code === 0])
          })
        }),
    ),
  )

/**
 * Installs the packages when they are missing or older than the lock file.
 * @param development whether those of tests and checks are wanted too.
 */
export function installPackages({ development = true } = {}) {
  const mark = 'node_modules/.package-lock.json'
  const fresh = existsSync(mark) && statSync(mark).mtimeMs >= statSync('package-lock.json').mtimeMs
  if (fresh && (!development || existsSync('node_modules/vitest'))) return
  console.log('Installing packages…')
  const without = development ? [] : ['--omit=dev']
  if (!run('npm', ['ci', '--no-audit', '--no-fund', ...without])) {
    console.error('The packages could not be installed; is the npm registry within reach?')
    process.exit(1)
  }
}

/** Debian packages the tests need, and a program of each by which they are known to be there. */
const debian = { chromium: '/usr/bin/chromium', argyll: '/usr/bin/spec2cie' }

/** Installs what is missing of Debian's Chromium (browser tests) and ArgyllCMS (reference tests). */
export function installDebian() {
  const missing = Object.keys(debian).filter((name) => !existsSync(debian[name]))
  if (missing.length === 0) return
  console.log(`Installing ${missing.join(' and ')} from Debian…`)
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  run('apt-get', ['update', '-qq'], { env })
  if (!run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...missing], { env })) {
    console.error(
      `${missing.join(' and ')} could not be installed with apt-get; the tests need them.`,
    )
    process.exit(1)
  }
}

export const readJson = (path) =>
  existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : undefined
