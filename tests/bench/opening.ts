import { chromium } from '@playwright/test'
import type { Page } from '@playwright/test'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import config from '../../playwright.config'
import { packCommission } from '../../core'
import { createApp } from '../../server/app'
import { largeCommission } from '../fixtures/largeCommission'
import type { Ratio } from './rate'

const ROUNDS = 9
const ROOMS = ['ladder', 'bench', 'log'] as const

/** Milliseconds from asking for a room until its head stands and the next frame is due. */
async function openMs(page: Page, address: string): Promise<number> {
  await page.goto('about:blank')
  await page.goto(address, { waitUntil: 'commit' })
  const stands = await page.waitForFunction(
    () => document.querySelector('h1') && performance.now(),
    undefined,
    { polling: 'raf' },
  )
  const ms = (await stands.jsonValue()) as number
  // What starts after the room stands is not to fall into the next round.
  await page.waitForTimeout(1200)
  return ms
}

const middle = (times: number[]): number => times.sort((a, b) => a - b)[times.length >> 1]!

/**
 * How soon a browser opens a room of a commission of 40 figures, 500 mixes and 100 pictures, beside
 * the small demo, in turns; as openings a minute, so 60 is one second. The page has to be built.
 */
export async function openingBench(): Promise<Ratio[]> {
  const folder = mkdtempSync(join(tmpdir(), 'opening-'))
  const app = createApp(fileURLToPath(new URL('../../dist', import.meta.url)))
  const served = ['large', 'small'].map(() => app.listen(0))
  const [large, small] = served.map(
    (one) => `http://localhost:${(one.address() as AddressInfo).port}`,
  ) as [string, string]
  // A profile that stays: the second opening reads compiled code, as a painter's does.
  const browser = await chromium.launchPersistentContext(join(folder, 'profile'), {
    ...config.use?.launchOptions,
    viewport: { width: 1280, height: 800 },
  })
  try {
    const page = await browser.newPage()
    const { project, photos } = largeCommission()
    const zip = join(folder, 'large.zip')
    writeFileSync(
      zip,
      packCommission({ project, photos, sculpts: new Map() }, (id) => id),
    )
    await page.goto(`${large}/log`)
    await page.getByLabel('Project file').setInputFiles(zip)
    await page.getByText('500 mixes written down').waitFor()
    await page
      .getByRole('status')
      .filter({ hasText: /^Saved$/ })
      .waitFor()
    const rows: Ratio[] = []
    for (const room of ROOMS) {
      const [one, other]: [number[], number[]] = [[], []]
      for (let i = 0; i < ROUNDS; i++) {
        one.push(await openMs(page, `${large}/${room}`))
        other.push(await openMs(page, `${small}/${room}`))
      }
      rows.push({
        what: `${room} of a large commission opened, per min`,
        ours: 60_000 / middle(one),
        against: 'of the small demo',
        theirs: 60_000 / middle(other),
        wanted: 0.5,
      })
    }
    return rows
  } finally {
    await browser.close()
    for (const one of served) one.close()
    rmSync(folder, { recursive: true })
  }
}
