import type { Page } from '@playwright/test'
import { thorough } from '../thorough'
import { everyRoom } from './everyRoom'
import { expect, test } from './start'

/** Acts of the room, in the order in which they stand. */
const acts = (page: Page) =>
  page
    .locator('main')
    .locator('button, [role=switch], [role=tab], summary')
    .filter({ visible: true })

/** Where the focus is: nothing where it fell to the page itself. */
const focused = (page: Page): Promise<string | undefined> =>
  page.evaluate(() => {
    const at = document.activeElement
    return !at || at === document.body || at === document.documentElement
      ? undefined
      : at.outerHTML.slice(0, 120)
  })

for (const room of thorough ? everyRoom : ['/box/add', '/eye'])
  test(`in ${room} the focus is somewhere after each act by a key`, async ({ page }) => {
    test.setTimeout(900_000)
    page.on('dialog', (dialog) => void dialog.dismiss())
    await page.goto(room)
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible()
    await expect(page.getByText(/Looking for|Working out/)).toHaveCount(0)
    await expect(acts(page).first()).toBeVisible()
    const here = page.url()
    const lost: string[] = []
    const done = new Set<string>()
    for (let i = 0; i < (await acts(page).count()); i++) {
      const act = acts(page).nth(i)
      const name = await act
        .evaluate((one) => one.getAttribute('aria-label') ?? one.textContent?.trim() ?? '', null, {
          timeout: 1000,
        })
        .catch(() => undefined)
      // Rows that are alike have acts that are alike.
      const kind = name?.replace(/\d+/g, '#').slice(0, 30)
      if (kind === undefined || done.has(kind) || !(await act.isEnabled().catch(() => false)))
        continue
      done.add(kind)
      await act.focus({ timeout: 1000 }).catch(() => undefined)
      await page.keyboard.press('Enter')
      const found = await expect
        .poll(() => focused(page), { timeout: 5000 })
        .toBeDefined()
        .then(() => true)
        .catch(() => false)
      // It may be taken away a moment later, with what it stood in.
      await page.waitForTimeout(250)
      if (!found || (await focused(page)) === undefined) lost.push(name!)
      if (page.url() !== here || (await page.getByRole('dialog').count()) > 0) {
        await page.keyboard.press('Escape')
        if (page.url() !== here) {
          await page.goto(here)
          await expect(page.getByText(/Looking for|Working out/)).toHaveCount(0)
        }
      }
    }
    expect(done.size).toBeGreaterThan(0)
    expect(lost).toEqual([])
  })
