import type { Page } from '@playwright/test'
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import type { Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { entrance, rooms } from '../../app/rooms'
import { createApp } from '../../server/app'
import { closeWith } from '../../server/closing'
import { expect, test } from './start'

// A server that is gone is told in the console.
test.use({ serviceWorkers: 'allow', faulty: true })

/** A server of the test's own, which it may stop and start again. */
class OwnServer {
  readonly dir = mkdtempSync(join(tmpdir(), 'built-'))
  private server?: Server
  private port = 0
  constructor() {
    cpSync('dist', this.dir, { recursive: true })
  }
  get address(): string {
    return `http://localhost:${this.port}`
  }
  async start(): Promise<void> {
    this.server = createApp(this.dir).listen(this.port)
    await new Promise((resolve) => this.server!.once('listening', resolve))
    this.port = (this.server.address() as AddressInfo).port
  }
  stop = (): Promise<void> => closeWith(this.server!)
}

/** W3C Web Application Manifest, and what browsers ask for before they offer to install. */
async function installable(page: Page, address: string): Promise<void> {
  const link = await page.locator('link[rel=manifest]').getAttribute('href')
  const answer = await page.request.get(new URL(link!, address).href)
  expect(answer.headers()['content-type']).toMatch(/application\/manifest\+json/)
  const manifest = (await answer.json()) as {
    name: string
    short_name: string
    start_url: string
    scope: string
    display: string
    icons: { src: string; sizes: string; type: string; purpose?: string }[]
    file_handlers: { action: string; accept: Record<string, string[]> }[]
  }
  expect(manifest.name && manifest.short_name).toBeTruthy()
  expect(['standalone', 'minimal-ui', 'fullscreen']).toContain(manifest.display)
  expect(manifest.start_url.startsWith(manifest.scope)).toBe(true)
  expect(manifest.file_handlers.every(({ action }) => action.startsWith(manifest.scope))).toBe(true)
  const sizes = await page.evaluate(
    (icons) =>
      Promise.all(
        icons.map(async ({ src }) => {
          const image = new Image()
          image.src = src
          await image.decode()
          return `${image.naturalWidth}x${image.naturalHeight}`
        }),
      ),
    manifest.icons.filter(({ type }) => type === 'image/png'),
  )
  expect(sizes).toEqual(
    manifest.icons.filter(({ type }) => type === 'image/png').map((icon) => icon.sizes),
  )
  expect(sizes).toEqual(expect.arrayContaining(['192x192', '512x512']))
  expect(manifest.icons.some(({ purpose }) => purpose === 'maskable')).toBe(true)
}

const kept = (page: Page) =>
  page.waitForFunction(async () => {
    await navigator.serviceWorker.ready
    return navigator.serviceWorker.controller?.state === 'activated'
  })

test('after one visit it can be installed, every room opens with the server gone, and what is made there is kept', async ({
  page,
}) => {
  const server = new OwnServer()
  await server.start()
  await page.goto(`${server.address}/`)
  await installable(page, server.address)
  await kept(page)
  expect(await page.evaluate(() => globalThis.crossOriginIsolated)).toBe(true)
  await server.stop()
  await expect(fetch(server.address)).rejects.toThrow()

  for (const { path } of [...entrance, ...rooms]) {
    const address = path.replace(/\/:way.*/, '/skin').replace('/:step', '/base')
    await page.goto(`${server.address}${address}`)
    await expect(page.getByRole('heading', { level: 1 }), address).toBeVisible()
  }
  await page.goto(`${server.address}/ladder`)
  await expect(page.getByText(/Looking for|Mixing…/)).toHaveCount(0)
  await expect(page.getByRole('alert')).toHaveCount(0)
  await page.goto(`${server.address}/figures`)
  const name = page.getByRole('textbox', { name: 'Name', exact: true })
  await name.fill('Painted at sea')
  await name.press('Tab')
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await page.reload()
  await expect(name).toHaveValue('Painted at sea')
})

test('a newer version is offered and not forced, and all windows go over to it together', async ({
  page,
  context,
}) => {
  const server = new OwnServer()
  await server.start()
  await page.goto(`${server.address}/`)
  await kept(page)
  const other = await context.newPage()
  await other.goto(`${server.address}/`)
  await kept(other)
  await server.stop()
  const [html, worker] = ['index.html', 'sw.js'].map((name) => join(server.dir, name)) as [
    string,
    string,
  ]
  writeFileSync(html, readFileSync(html, 'utf8').replace('<meta', '<meta name="newer" /><meta'))
  const listed = /(url:"index\.html",revision:")[^"]+|(revision:")[^"]+(",url:"index\.html")/
  const changed = readFileSync(worker, 'utf8').replace(listed, '$1$2newer$3')
  writeFileSync(worker, changed)
  for (const file of [html, worker])
    for (const ending of ['.br', '.gz']) rmSync(`${file}${ending}`, { force: true })
  await server.start()
  await page.evaluate(async () => (await navigator.serviceWorker.ready).update())
  const offerOf = (one: Page) => one.getByRole('button', { name: 'Go over to it now' })
  await expect(offerOf(page)).toBeVisible()
  await expect(offerOf(other)).toBeVisible()
  await expect(page.locator('meta[name=newer]')).toHaveCount(0)
  await offerOf(page).click()
  await expect(page.locator('meta[name=newer]')).toHaveCount(1)
  // The other window goes along; it is never left with an offer that does nothing.
  await expect(other.locator('meta[name=newer]')).toHaveCount(1)
  await other.close()
  await server.stop()
})
