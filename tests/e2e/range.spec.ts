import { readFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { neverHolds } from './longTasks'
import { again, accessible, expect, saved, test } from './start'

const row = (page: Page, name: string) => page.getByRole('listitem', { name, exact: true })
/** Every ladder is mixed and the table of sets is laid out. */
async function mixed(page: Page): Promise<void> {
  await expect(page.getByText(/All ladders: off by \d\.\d/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Find the best' })).toBeEnabled()
}

test('all figures from few bottles: found, pinned, taken off and put back, by mouse and by keys', async ({
  page,
}) => {
  await page.goto('/range')
  await mixed(page)
  // The figures come first; bottles are a line that is opened where they are changed.
  const change = page.getByRole('button', { name: /Change the bottles/ })
  await expect(change).toContainText('titanium white')
  await change.click()
  const table = page.getByRole('list', { name: 'Bottles on the table' })
  const bottles = table.getByRole('img', { name: /drawn down/ })
  await expect(bottles).toHaveCount(8)
  // Every step is a puddle of its own or a ratio of two: nothing else is mixed.
  const steps = row(page, 'Isaura, ferrywoman').getByRole('img', { name: /^Isaura/ })
  await expect(steps).toHaveCount(7)
  const told = await steps.evaluateAll((all) => all.map((one) => one.getAttribute('aria-label')!))
  expect(told.filter((one) => one.includes('a puddle of its own'))).toHaveLength(3)
  expect(told.filter((one) => /: [1-4] : [1-4] of its neighbours/.test(one))).toHaveLength(4)

  // Without a bottle the rows follow; undo brings it back.
  const off = page.getByText(/All ladders: off by/)
  const before = await off.innerText()
  await table.getByRole('button', { name: 'Take titanium white off the table' }).click()
  await expect(bottles).toHaveCount(7)
  await expect(off).not.toHaveText(before)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(off).toHaveText(before)

  // The best five with one that stays; the proof is told.
  const pin = table.getByRole('button', { name: 'Keep chromium oxide green in whatever is found' })
  await pin.focus()
  await page.keyboard.press('Space')
  await expect(pin).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('spinbutton', { name: 'How many bottles' }).fill('5')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Find the best' }).click()
  await expect(bottles).toHaveCount(5)
  await expect(table.getByText('chromium oxide green', { exact: true })).toBeVisible()
  await expect(
    page.getByRole('status').filter({ hasText: 'No other five do better' }),
  ).toBeVisible()
  await saved(page)
  await page.reload()
  await mixed(page)
  await expect(bottles).toHaveCount(5)
  await accessible(page)
  // A point of the curve is a choice, by keys too.
  await page.getByRole('button', { name: /^Best 8 bottles: off by/ }).press('Enter')
  await expect(bottles).toHaveCount(8)
  await row(page, 'Tunde, pilot').getByRole('link', { name: 'Tunde', exact: true }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tunde')
})

test.describe('with forms', () => {
  test.use({ forms: true })
  test('told apart, in grey, line-up, across complexions, light of all and files', async ({
    page,
  }) => {
    // Two of one complexion read alike from the shelf; setting one apart changes what is said of it.
    await page.goto('/figures')
    await page.getByRole('button', { name: 'Another like it' }).click()
    await page.goto('/range')
    await mixed(page)
    await page.getByText('on a shelf').click()
    const alike = page.getByRole('listitem').filter({ hasText: /like / })
    await expect(alike.first()).toBeVisible()
    const words = await alike.first().innerText()
    await alike.first().getByRole('button', { name: 'Set apart' }).click()
    await expect.poll(async () => (await alike.allInnerTexts())[0]).not.toBe(words)
    await page.getByText('in grey').click()
    await accessible(page)

    await page.getByRole('link', { name: 'Line-up' }).click()
    await expect(page.getByRole('img', { name: /as a painted form, in grey/ })).toHaveCount(10)
    await page.getByRole('link', { name: 'Light of all' }).click()
    const before = await page.getByText(/All ladders: off by/).innerText()
    await page.getByRole('spinbutton', { name: 'Contrast of the group' }).fill('0.6')
    await page.keyboard.press('Tab')
    await expect(page.getByText(/All ladders: off by/)).not.toHaveText(before)
    await accessible(page)
    // One change, one undo.
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByText(/All ladders: off by/)).toHaveText(before)

    const csv = page.waitForEvent('download')
    await page.getByRole('button', { name: 'CSV' }).click()
    const lines = (await readFile(await (await csv).path(), 'utf8')).trim().split('\n')
    expect(lines).toHaveLength(1 + 10 * 7)
    const pdf = page.waitForEvent('download')
    await page.getByRole('button', { name: 'PDF' }).click()
    expect((await readFile(await (await pdf).path())).subarray(0, 5).toString()).toBe('%PDF-')

    await page.getByRole('link', { name: 'Compare bottles' }).click()
    const compare = page.getByRole('region', { name: 'Compare' })
    await expect(compare.getByRole('listitem', { name: /^Isaura/ })).toHaveCount(2)
    await expect(compare.getByText(/complexions one picks from them/)).toBeVisible()
    await accessible(page)

    await page.getByRole('link', { name: 'Across complexions' }).click()
    const across = page.getByRole('region', { name: 'Across complexions' })
    await expect(across.getByRole('listitem', { name: 'deepest brown' })).toBeVisible()
    await across
      .getByRole('listitem', { name: 'bronze' })
      .getByRole('button', { name: 'Begin a figure' })
      .click()
    await page.getByRole('link', { name: 'Ladders' }).click()
    await expect(row(page, 'New, bronze')).toBeVisible()
    await accessible(page)
  })
})

again('choosing bottles never holds the page for 50 ms @traced', async ({ page }) => {
  await page.goto('/range')
  await mixed(page)
  await page.getByRole('button', { name: /Change the bottles/ }).click()
  const off = page.getByText(/All ladders: off by/)
  const before = await off.innerText()
  await neverHolds(page, async () => {
    await page.getByRole('button', { name: 'Take titanium white off the table' }).click()
    await expect(off).not.toHaveText(before)
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(off).toHaveText(before)
  })
})
