import type { Locator, Page } from '@playwright/test'
import { expect, saved } from './start'

export const now = (page: Page): Locator => page.getByRole('region', { name: 'Now' })
export const done = (page: Page): Locator => page.getByRole('button', { name: /^(Done|Go on)/ })
/** Moves that are left, mixing counted; none once all are done, nothing while the order is sought. */
export async function left(page: Page): Promise<number | undefined> {
  if (await page.getByText('All moves are done.').isVisible()) return 0
  // What is mixed for it is not known yet.
  if (await page.getByText('Finding its mixes…').isVisible()) return undefined
  const words = await page.locator('.count').innerText()
  return words === 'the last move' ? 1 : Number(/(\d+) moves left/.exec(words)?.[1] ?? NaN)
}
/** Does the turn at hand, by the key or as it is said, and waits for the next; nothing once all are done. */
export async function go(
  page: Page,
  press: () => Promise<void> = () => page.keyboard.press('Space'),
): Promise<void> {
  const turn = () => page.locator('.bench').getAttribute('data-turn')
  await expect.poll(async () => (await turn()) !== null).toBe(true)
  const before = await turn()
  await press()
  await expect.poll(turn).not.toBe(before)
}
/** Opens what lies behind More. */
export async function more(page: Page, name: string): Promise<Locator> {
  const panel = page.getByRole('region', { name: 'More' })
  if (!(await panel.isVisible())) await page.getByRole('button', { name: 'More' }).click()
  await panel.getByText(name, { exact: true }).first().click()
  return panel
}
export const closeMore = (page: Page): Promise<void> =>
  page.getByRole('button', { name: 'Close', exact: true }).click()
/** Out of the bench, by the one way there is, to another room. */
export async function leaveTo(page: Page, room: string): Promise<void> {
  await page.getByRole('link', { name: /Leave/ }).click()
  await page.getByRole('link', { name: room, exact: true }).first().click()
}
/** The bench with so many of the open figure. */
export async function benchOf(page: Page, many: number): Promise<void> {
  await page.goto('/coats')
  await page.getByRole('button', { name: /change name, size and number/ }).click()
  await page.getByLabel('How many of it').fill(String(many))
  await page.keyboard.press('Enter')
  await saved(page)
  await page.keyboard.press('Escape')
  await page.getByRole('link', { name: 'Bench', exact: true }).click()
  await expect.poll(() => left(page)).toBeGreaterThan(3)
}
/** What of the page is out of place: a move that is longer than the screen, a page that scrolls, a target too small for a wet finger. */
export const outOfPlace = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const faults: string[] = []
    const { scrollHeight } = document.scrollingElement!
    if (scrollHeight > innerHeight) faults.push(`the page scrolls by ${scrollHeight - innerHeight}`)
    for (const zone of document.querySelectorAll('.what, .where, .bar'))
      if (zone.scrollHeight > zone.clientHeight + 1)
        faults.push(`${zone.className}: ${zone.scrollHeight - zone.clientHeight} out of sight`)
    for (const one of document.querySelectorAll('.bench button, .bench a')) {
      const { width, height } = one.getBoundingClientRect()
      if (width > 0 && Math.min(width, height) < 55.5)
        faults.push(`${one.textContent} ${width}×${height}`)
    }
    return faults
  })
