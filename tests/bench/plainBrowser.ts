import express from 'express'
import { spawn } from 'node:child_process'
import { cpSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import config from '../../playwright.config'
import { createApp } from '../../server/app'

/** Milliseconds from when a page is asked for. */
export interface Stands {
  /** Until the drops of the ladder stand. */
  drops: number
  /** Until a page with nothing on it has its first frame, from another site too, just before. */
  empty: number
}

/** Looks at each frame, tells what it saw, and goes back when the browser keeps the whole application. */
const PROBE = `const look = async () => {
  if (!document.querySelector('[role=spinbutton][aria-label$=drops]')) return requestAnimationFrame(look)
  const back = await (await fetch('/stands?drops=' + performance.now())).text()
  await navigator.serviceWorker.ready
  setTimeout(() => (location.href = back), 2000)
}
requestAnimationFrame(look)`

/**
 * How soon a ladder stands in a browser that nothing else looks into: a debugger that is told of all requests has the
 * engine tell where each was made, for which it reads large files again. The built page tells the times itself.
 * @param profiles so many browsers that were never there.
 * @param agains visits that each makes after the first, from another site.
 */
export async function plainOpenings(
  profiles: number,
  agains: number,
): Promise<{ first: Stands[]; again: Stands[] }> {
  const folder = mkdtempSync(join(tmpdir(), 'plain-'))
  const dist = join(folder, 'dist')
  const built = fileURLToPath(new URL('../../dist', import.meta.url))
  cpSync(built, dist, { recursive: true, filter: (file) => !/index\.html\./.test(file) })
  const page = readFileSync(join(built, 'index.html'), 'utf8')
  writeFileSync(
    join(dist, 'index.html'),
    page.replace('</head>', '<script src="/probe.js" defer></script></head>'),
  )
  writeFileSync(join(dist, 'probe.js'), PROBE)

  let heard: (stands: Stands) => void = () => undefined
  const app = express()
  const served = app.listen(0)
  const { port } = served.address() as AddressInfo
  const elsewhere = `http://127.0.0.1:${port}/elsewhere`
  app.get('/elsewhere', (_, answer) => {
    const to = `http://localhost:${port}/c/low-tide/ladder`
    const tell = `fetch('/empty?ms=' + performance.now())`
    const go = `setTimeout(() => (location.href = '${to}'), 4000)`
    answer.send(`elsewhere<script>requestAnimationFrame(() => (${tell}, ${go}))</script>`)
  })
  let empty = NaN
  app.get('/empty', ({ query }, answer) => {
    empty = Number(query.ms)
    answer.end()
  })
  app.get('/stands', ({ query }, answer) => {
    answer.send(elsewhere)
    heard({ drops: Number(query.drops), empty })
  })
  app.use(createApp(dist))

  const [first, again]: Stands[][] = [[], []]
  try {
    for (let n = 0; n < profiles; n++) {
      const { executablePath, args = [] } = config.use?.launchOptions ?? {}
      const profile = `--user-data-dir=${join(folder, String(n))}`
      const size = '--window-size=1280,800'
      const browser = spawn(
        executablePath!,
        [...args, '--headless=new', size, profile, elsewhere],
        {
          stdio: 'ignore',
        },
      )
      for (let visit = 0; visit <= agains; visit++) {
        const stands = await new Promise<Stands>((resolve, reject) => {
          heard = resolve
          browser.once('exit', () => reject(new Error('the browser ended before its ladder stood')))
        })
        ;(visit === 0 ? first! : again!).push(stands)
      }
      browser.kill()
      await new Promise((ended) => browser.once('exit', ended))
    }
  } finally {
    served.close()
    // The browser's own processes may still be at their last writes.
    await rm(folder, { recursive: true, force: true, maxRetries: 10, retryDelay: 200 })
  }
  return { first: first!, again: again! }
}
