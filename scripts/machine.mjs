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
export async function installPackages({ development = true } = {}) {
  const mark = 'node_modules/.package-lock.json'
  const fresh = existsSync(mark) && statSync(mark).mtimeMs >= statSync('package-lock.json').mtimeMs
  if (fresh && (!development || existsSync('node_modules/vitest'))) return
  console.log('Installing packages…')
  const without = development ? [] : ['--omit=dev']
  if (!(await started('npm', ['ci', '--no-audit', '--no-fund', ...without]))) {
    console.error('The packages could not be installed; is the npm registry within reach?')
    process.exit(1)
  }
}

/** Debian packages the tests need, and a program of each by which they are known to be there. */
const debian = {
  chromium: '/usr/bin/chromium',
  'chromium-headless-shell': '/usr/bin/chromium-headless-shell',
  argyll: '/usr/bin/spec2cie',
  'poppler-utils': '/usr/bin/pdftotext',
}

/** Runs a command without waiting for it; true when it ended well. */
const started = (command, args, options = {}) =>
  new Promise((resolve) => {
    spawn(command, args, { stdio: 'inherit', ...options }).on('close', (code) =>
      resolve(code === 0),
    )
  })

const windowless = 'chromium-headless-shell'

/**
 * Installs what is missing of Debian's Chromium, whole and without a window (browser tests), ArgyllCMS (reference tests) and
 * Poppler (what a printed card says). Where there is none without a window, the whole one serves.
 */
export async function installDebian() {
  const missing = Object.keys(debian).filter((name) => !existsSync(debian[name]))
  if (missing.length === 0) return
  console.log(`Installing ${missing.join(', ')} from Debian…`)
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  const install = (names) =>
    started('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...names], { env })
  await started('apt-get', ['update', '-qq'], { env })
  const needed = missing.filter((name) => name !== windowless)
  if (await install(missing)) return
  if (missing.includes(windowless) && (needed.length === 0 || (await install(needed)))) return
  console.error(`${needed.join(', ')} could not be installed with apt-get; the tests need them.`)
  process.exit(1)
}

/** Does something and notes how many seconds it took. */
export async function timed(times, name, act) {
  const start = Date.now()
  const result = await act()
  times.push([name, Math.round((Date.now() - start) / 1000)])
  return result
}

export const readJson = (path) =>
  existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : undefined
