import type { Page } from '@playwright/test'
import { accessible, expect, saved, settled, test } from './start'

/** Walks with Tab until what has the focus has this name. */
async function tabTo(page: Page, name: string): Promise<void> {
  for (let i = 0; i < 120; i++) {
    await page.keyboard.press('Tab')
    const here = await page.evaluate(() => {
      const at = document.activeElement as HTMLElement
      const label = (at as HTMLSelectElement).labels?.[0]?.textContent
      return (at.getAttribute('aria-label') ?? label ?? at.textContent ?? '').trim()
    })
    if (here.startsWith(name)) return
  }
  throw new Error(`Tab never came to “${name}”`)
}

test('from plan to finished figure with keys only: moves, a timer over a reload, a measured mix in the log', async ({
  page,
}) => {
  await page.goto('/ladder')
  await settled(page)
  // Three of her, said where her size is shown.
  await tabTo(page, 'weathered tan')
  await page.keyboard.press('Enter')
  await tabTo(page, 'How many of it')
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('button', { name: /3 of it/ })).toBeVisible()
  await tabTo(page, 'Steps')
  await page.keyboard.press('ArrowUp')
  await settled(page)
  await page.keyboard.press('Control+z')
  await settled(page)
  await page.reload()
  await settled(page)
  await tabTo(page, 'Coats')
  await page.keyboard.press('Enter')
  await tabTo(page, 'Coat 3')
  await page.keyboard.press('Alt+ArrowDown')
  await expect(page.getByRole('listitem', { name: /^Coat 4, layer/ })).toBeFocused()
  await page.keyboard.press('Control+z')
  await page.reload()
  await tabTo(page, 'Bench')
  await page.keyboard.press('Enter')
  const now = page.getByRole('region', { name: 'Now' })
  await expect(now.getByText('Undercoat')).toBeVisible()
  const left = async () => Number(/(\d+) moves left/.exec((await now.textContent())!)?.[1] ?? 0)
  const all = await left()
  expect(all).toBe(15)
  for (let i = 0; i < 4; i++) await page.keyboard.press('Space')
  await expect.poll(left).toBe(all - 4)
  await page.keyboard.press('Backspace')
  await expect.poll(left).toBe(all - 3)
  await expect(now.getByText('Mix it now:')).toBeVisible()
  await page.keyboard.press('d')
  const drying = page.getByRole('region', { name: 'Drying' })
  await expect(drying.getByText(/^(29|30):\d\d$/)).toBeVisible()

  await page.keyboard.press('m')
  await page.getByLabel('Its colour, hex or L a b').fill('not a colour')
  await expect(page.getByRole('alert')).toContainText('is not a colour')
  await page.getByLabel('Its colour, hex or L a b').fill('55 16 15')
  await page.getByLabel('A word about it').fill('a little pale')
  await accessible(page)
  await page.keyboard.press('Enter')
  await saved(page)
  // The clock goes on while the page is away.
  await page.clock.install({ time: Date.now() + 10 * 60_000 })
  await page.reload()
  await expect(drying.getByText(/^(19|20):\d\d$/)).toBeVisible()
  await expect.poll(left).toBe(all - 3)
  await page.clock.fastForward('25:00')
  await expect(drying.getByText('dry', { exact: true })).toBeVisible()
  for (let i = 0; i < all; i++) await page.keyboard.press('Space')
  await expect(now.getByText('All moves are done.')).toBeVisible()

  await page.reload()
  await tabTo(page, 'Log')
  await page.keyboard.press('Enter')
  await expect(page.getByText('“a little pale”')).toBeVisible()
  await expect(page.getByText(/^off by \d+\.\d$/)).toBeVisible()
  await page.getByLabel('Find').fill('nothing like it')
  await expect(page.getByText('Nothing in the log has')).toBeVisible()
  await page.getByLabel('Find').fill('isaura')
  await expect(page.getByText('“a little pale”')).toBeVisible()
  await accessible(page)
})

test('readings of mixes teach the box, and undo takes it back', async ({ page }) => {
  await page.goto('/bench')
  const now = page.getByRole('region', { name: 'Now' })
  await page.getByLabel('Figures in rotation').fill('1')
  await page.getByLabel('Figures in rotation').press('Enter')
  await page.getByRole('heading', { level: 1 }).click()
  await page.keyboard.press('Space')
  for (let i = 0; i < 4; i++) {
    await expect(now.getByRole('img', { name: 'The well' })).toBeVisible()
    await page.keyboard.press('m')
    await page.getByRole('button', { name: 'Read it with the reader' }).click()
    await expect(page.getByRole('form', { name: 'Measure' })).toHaveCount(0)
    await page.getByRole('heading', { level: 1 }).click()
    await page.keyboard.press('Space')
  }
  await page.getByRole('link', { name: 'Log', exact: true }).click()
  await expect(page.getByText('4 readings of mixes can teach it')).toBeVisible()
  await page.getByRole('button', { name: 'See what they say' }).click()
  await expect(
    page.getByText(/held out in turn were off by \d+\.\d; with what was learnt, \d+\.\d/),
  ).toBeVisible()
  const take = page.getByRole('button', { name: 'Take it over as my paints' })
  if (await take.isVisible()) {
    await take.click()
    await page.getByRole('link', { name: 'Box', exact: true }).click()
    await expect(page.getByText('my titanium white').first()).toBeVisible()
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByText('my titanium white')).toHaveCount(0)
  } else await expect(page.getByText('nothing is taken over')).toBeVisible()
})
