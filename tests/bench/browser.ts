import { chromium } from '@playwright/test'
import type { Page } from '@playwright/test'
import { mkdtempSync, rmSync } from 'node:fs'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import config from '../../playwright.config'
import { createApp } from '../../server/app'

/** Milliseconds from asking for a page until something stands in it and the next frame is due. */
export async function standsAt(page: Page, selector: string): Promise<number> {
  const stands = await page.waitForFunction(
    (what) => document.querySelector(what) && performance.now(),
    selector,
    { polling: 'raf' },
  )
  return (await stands.jsonValue()) as number
}

/** Milliseconds from asking for a room until its head stands. */
export async function openMs(page: Page, address: string, head = 'h1'): Promise<number> {
  await page.goto('about:blank')
  await page.goto(address, { waitUntil: 'commit' })
  const ms = await standsAt(page, head)
  // What starts after the room stands is not to fall into the next round.
  await page.waitForTimeout(1200)
  return ms
}

/** The built application on two addresses, each with storage of its own, in a browser whose profile stays. */
export async function withBrowser<T>(
  work: (page: Page, one: string, other: string, folder: string) => Promise<T>,
): Promise<T> {
  const folder = mkdtempSync(join(tmpdir(), 'opening-'))
  const app = createApp(fileURLToPath(new URL('../../dist', import.meta.url)))
  const served = [0, 1].map(() => app.listen(0))
  const [one, other] = served.map(
    (server) => `http://localhost:${(server.address() as AddressInfo).port}`,
  ) as [string, string]
  const browser = await chromium.launchPersistentContext(join(folder, 'profile'), {
    ...config.use?.launchOptions,
    viewport: { width: 1280, height: 800 },
  })
  try {
    return await work(await browser.newPage(), one, other, folder)
  } finally {
    await browser.close()
    for (const server of served) server.close()
    rmSync(folder, { recursive: true })
  }
}
