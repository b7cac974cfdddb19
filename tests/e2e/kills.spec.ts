import { chromium } from '@playwright/test'
import type { BrowserContext } from '@playwright/test'
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { seeded } from '../../core/numbers/seeded'
import { many } from '../thorough'
import { expect, test } from './start'

/** What is older than this when a page is killed has to be there again, ms. */
const OLDER_MS = 100
const KILLS = many(500, 2)

/**
 * A page is killed by its renderer (`chrome://crash`, as when memory runs out) at a random moment of a drag that never
 * rests; no event of leaving reaches it. The browser itself stays, as a killed browser's own disk is not ours.
 */
test(`${KILLS} kills at random moments in the middle of a drag: nothing older than ${OLDER_MS} ms is lost`, async ({
  baseURL,
}) => {
  test.setTimeout(30_000 + KILLS * 15_000)
  const random = seeded(20261127)
  const context: BrowserContext = await chromium.launchPersistentContext(
    mkdtempSync(join(tmpdir(), 'killed-')),
    {
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu'],
      serviceWorkers: 'block',
      baseURL,
    },
  )
  const lost: string[] = []
  let kept = 0
  for (let kill = 0; kill < KILLS; kill++) {
    const page = await context.newPage()
    await page.goto('/figures')
    const name = page.getByRole('textbox', { name: 'Name', exact: true })
    await expect(name).toBeVisible()
    const many = page.getByLabel('How many of it')
    await many.focus()
    // The page tells each change as it makes it; what was told last is told before the kill.
    const told: { at: number; value: string }[] = []
    await page.exposeFunction('told', (value: string) => void told.push({ at: Date.now(), value }))
    await page.evaluate(() => {
      const field = document.activeElement as HTMLInputElement
      field.addEventListener('change', () =>
        (globalThis as unknown as { told: (value: string) => void }).told(field.value),
      )
    })
    const stopAt = Date.now() + 40 + Math.floor(random() * 2200)
    const start = 1 + Math.floor(random() * 400)
    for (let n = start; Date.now() < stopAt; n = 1 + (n % 499)) {
      await many.fill(String(n))
      await many.press('Enter')
    }
    const killedAt = Date.now()
    await page.goto('chrome://crash').catch(() => undefined)
    await page.close()
    const must = told.filter(({ at }) => at < killedAt - OLDER_MS).at(-1)
    const again = await context.newPage()
    await again.goto('/figures')
    const value = await again.getByLabel('How many of it').inputValue()
    const known = told.findIndex((one) => one.value === value)
    if (must && known < told.indexOf(must)) lost.push(`kill ${kill}: ${value} for ${must.value}`)
    else kept++
    await again.close()
  }
  console.log(`${KILLS} kills: ${kept} kept all, ${lost.length} lost something`)
  expect(lost).toEqual([])
  await context.close()
})
