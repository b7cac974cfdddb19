import { AxeBuilder } from '@axe-core/playwright'
import { expect, test as base } from '@playwright/test'
import type { Page } from '@playwright/test'

/** Every page is watched: no console error, and no request that leaves the machine. */
export const test = base.extend<{ page: Page }>({
  page: async ({ page }, use) => {
    const trouble: string[] = []
    page.on('console', (message) => {
      if (message.type() === 'error') trouble.push(`console: ${message.text()}`)
    })
    page.on('pageerror', (error) => trouble.push(`error: ${error.message}`))
    page.on('request', (request) => {
      if (!/^(http:\/\/localhost:|blob:http:\/\/localhost:|data:)/.test(request.url()))
        trouble.push(`request: ${request.url()}`)
    })
    await use(page)
    expect(trouble).toEqual([])
  },
})

export { expect }

/** Opens the ladder and waits until every step has its drops. */
export async function openLadder(page: Page): Promise<void> {
  await page.goto('/ladder')
  await settled(page)
}

/** The figure that is open is one of so many that are painted alike. */
export async function paintMany(page: Page, many: number): Promise<void> {
  await page.getByRole('button', { name: /change name, size and number/ }).click()
  await page.getByLabel('How many of it').fill(String(many))
  await page.keyboard.press('Enter')
  await saved(page)
  await page.keyboard.press('Escape')
  await page.getByRole('main').focus()
}

/** Waits until the search has answered. */
export async function settled(page: Page): Promise<void> {
  const status = page.getByRole('region', { name: 'Steps and mixing' }).getByRole('status')
  await expect(status).toHaveText(/\S/)
  await expect(status).not.toContainText('Looking')
}

export const saved = (page: Page) =>
  expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()

/** WCAG 2.2 A and AA by axe; in its one-page way, as no page has a frame from elsewhere. */
export async function accessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .setLegacyMode(true)
    .analyze()
  expect(
    violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' ')}`),
  ).toEqual([])
}

/** Walks with Tab until what has the focus has this name. */
export async function tabTo(page: Page, name: string | RegExp): Promise<void> {
  for (let i = 0; i < 160; i++) {
    await page.keyboard.press('Tab')
    const here = await page.evaluate(() => {
      const at = document.activeElement as HTMLElement
      const label = (at as HTMLSelectElement).labels?.[0]?.textContent
      return (at.getAttribute('aria-label') ?? label ?? at.textContent ?? '').trim()
    })
    if (typeof name === 'string' ? here.startsWith(name) : name.test(here)) return
  }
  throw new Error(`Tab never came to “${String(name)}”`)
}

/** Opens the Files menu and chooses a line of it. */
export async function chooseFile(page: Page, line: string): Promise<void> {
  await page.getByRole('button', { name: 'Files' }).click()
  await page.getByRole('menuitem', { name: line }).click()
}
