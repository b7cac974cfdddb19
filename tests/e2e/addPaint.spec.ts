import type { Page } from '@playwright/test'
import { colourFromPicture } from '../fixtures/pictures'
import { again, accessible, expect, pick, saved, test } from './start'

const strips = (page: Page) =>
  page.getByRole('listitem').filter({ has: page.getByRole('checkbox') })
const find = (page: Page, words: string) =>
  page.getByRole('searchbox', { name: 'Name or pigment' }).fill(words)

test('add a paint by its colour, and one with the reader; both can be mixed, kept and removed', async ({
  page,
}) => {
  await page.goto('/box/add')
  await accessible(page)
  await page.getByLabel('Name', { exact: true }).fill('Harbour clay')
  const colour = page.getByLabel('Colour of Opaque patch')
  await colour.fill('61 14')
  await colour.press('Tab')
  await expect(page.getByRole('alert')).toContainText('three numbers are needed')
  await colourFromPicture(page, 'opaque patch', [150, 90, 70])
  await expect(page.getByRole('img', { name: 'Opaque patch, as read' })).toBeVisible()
  await page.getByRole('button', { name: 'Close the picture' }).click()
  await colour.fill('#a5694f')
  await colour.press('Tab')
  await page.getByRole('radio', { name: 'opaque', exact: true }).press('Space')
  await expect(page.getByText(/a 1:3 tint of it will be within \d+\.\d ΔE00/)).toBeVisible()
  // Each answer makes it surer: the label, then the tint.
  const sure = page.getByRole('list', { name: 'How sure it is' }).getByRole('listitem')
  await expect(sure).toHaveCount(1)
  await page.getByLabel('Pigments').fill('PR101 PW6')
  await expect(sure).toHaveCount(2)
  await page.getByRole('radio', { name: 'as believed' }).press('Space')
  await expect(sure).toHaveCount(3)
  const doubts = (await sure.allTextContents()).map((text) => Number(/±([\d.]+)/.exec(text)![1]))
  expect(doubts[2]).toBeLessThan(doubts[0]!)
  await accessible(page)
  await page.getByRole('button', { name: 'Put it in the box' }).click()
  await find(page, 'harbour')
  await expect(strips(page)).toHaveCount(1)

  await page.getByRole('link', { name: 'Add a paint' }).click()
  await page.getByRole('radio', { name: 'A whole shelf' }).click()
  await page
    .getByLabel('Bottles, one a line')
    .fill('bog, 30 -6 8, transparent\nreed, #8a8c4a, muddy')
  await expect(page.getByRole('alert')).toContainText('line 2, opacity: "muddy" is no class')
  await page.getByLabel('Bottles, one a line').fill('bog, 30 -6 8, transparent\nreed, #8a8c4a')
  await accessible(page)
  await page.getByRole('button', { name: 'Put 2 in the box' }).press('Enter')
  await find(page, 'reed')
  await expect(strips(page)).toHaveCount(1)

  await page.getByRole('link', { name: 'Add a paint' }).click()
  await page.getByLabel('Name', { exact: true }).fill('My ultramarine')
  await pick(page, 'Bottle under the reader', 'ultramarine')
  await page.getByRole('radio', { name: 'Neat and a tint' }).click()
  const reads = page.getByRole('button', { name: 'Read', exact: true })
  await page.getByRole('button', { name: 'On its white tile' }).click()
  await expect(page.getByText('The reader is ready.')).toBeVisible()
  await reads.first().click()
  await reads.nth(1).click()
  await expect(page.getByText(/a 1:3 tint of it will be within/)).toBeVisible()
  await accessible(page)
  await page.getByRole('button', { name: 'Put it in the box' }).click()
  await saved(page)
  await page.reload()
  await find(page, 'my ultra')
  await page.getByRole('button', { name: 'My ultramarine' }).click()
  await expect(page.getByText('measured; a 1:3 tint')).toBeVisible()
  await page.getByRole('button', { name: 'Remove' }).click()
  await expect(strips(page)).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(strips(page)).toHaveCount(1)
})

again(
  'a reader that is away, slow of mind or wants its tile is told and survived',
  async ({ page }) => {
    await page.goto('/box/add')
    // A refused reading is an answer, not an error of the page.
    const read = page.getByRole('button', { name: 'Read', exact: true })
    await page.evaluate(() => {
      const real = window.fetch
      window.fetch = (input, init) =>
        String(input).endsWith('/measure')
          ? Promise.resolve(
              new Response(
                '{"trouble":"uncalibrated","message":"the reader wants its white tile before it reads on"}',
                { status: 409 },
              ),
            )
          : real(input, init)
    })
    await read.click()
    await expect(page.getByText('The reader wants its white tile.')).toBeVisible()
    await page.evaluate(() => (window.fetch = () => Promise.reject(new TypeError('offline'))))
    await read.click()
    await expect(page.getByText('The reader is away.')).toBeVisible()
    await expect(page.getByRole('button', { name: 'Look again' })).toBeEnabled()
    await page.evaluate(
      () => (window.fetch = () => Promise.resolve(new Response('<html>', { status: 200 }))),
    )
    await read.click()
    await expect(page.getByRole('alert')).toContainText('no reading')
  },
)
