import type { Locator, Page } from '@playwright/test'
import { accessible, expect, saved, settled, test } from './start'
import { go } from './benchRoom'

const room = async (page: Page, name: string) => {
  const out = page.getByRole('link', { name: /Leave/ })
  if (await out.isVisible()) await out.click()
  await page.getByRole('link', { name, exact: true }).first().click()
}
const notice = (page: Page): Locator => page.getByRole('status', { name: 'What changed with it' })
const missing = (page: Page): Locator =>
  page.getByRole('region', { name: 'Bottles that are not in' })
const coats = (page: Page): Locator =>
  page.getByRole('region', { name: 'Coats' }).getByRole('listitem')
const kept = (page: Page): Locator =>
  page.getByRole('button', { name: /^Keep .* as it is/, pressed: true })

/** Coats of a method on the figure that is open. */
async function lay(page: Page, method: string): Promise<void> {
  await page.goto('/coats')
  await page.getByText(method).click()
  await page.getByRole('button', { name: 'Start from it' }).click()
  await expect(coats(page).filter({ hasText: 'violet' }).first()).toBeVisible()
  await expect(page.getByText(/It ends/)).toBeVisible()
}

test('a change of mind before painting is said beside it, with both answers, and each is one undo', async ({
  page,
}) => {
  await lay(page, 'Violet and green under flesh')
  await room(page, 'Tone')
  await page.getByRole('button', { name: 'deep brown' }).click()
  const said = notice(page)
  await expect(said).toContainText(/Isaura: With the new tone .*coats change/)
  // Beside what was pressed.
  await expect(
    page.locator('[data-asks]', { has: page.getByRole('button', { name: 'deep brown' }) }),
  ).toContainText('coats change')
  // Its own violet was made for the tone before.
  await expect(said).toContainText(/stays? as the method made .*the method is begun anew/)
  await accessible(page)
  await said.getByRole('button', { name: 'Keep them as they were' }).click()
  await expect(said).not.toContainText('coats change')
  await room(page, 'Ladder')
  await settled(page)
  await expect(kept(page).first()).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(kept(page)).toHaveCount(0)
  // Made anew with its method, the mixes are those of the new tone.
  await expect(said).toContainText('coats change')
  await said.getByRole('button', { name: 'Let them follow' }).last().click()
  await expect(said).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await settled(page)

  // Size and number of steps are said too; what follows without a word is undone without one.
  await room(page, 'Figures')
  await page.getByRole('combobox', { name: 'Size' }).click({ force: true })
  await page.getByRole('option', { name: /^28 mm/ }).click()
  await expect(said).toContainText(/With the new size .*coats change/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(said).toHaveCount(0)
  await saved(page)
})

test('what is half painted keeps its drops in every room, and a bottle that is out is said in all of them', async ({
  page,
}) => {
  await lay(page, 'Violet and green under flesh')
  await room(page, 'Bench')
  const now = page.getByRole('region', { name: 'Now' })
  await page.getByRole('heading', { level: 1 }).click()
  // Black all over, white from above, the first coat, each with what is mixed for it.
  await expect(now.getByRole('heading')).toHaveText(/^Mix /)
  const title = () => now.getByRole('heading').innerText()
  for (let n = 0; n < 12 && !/^(Glaze|Layer|Base coat|Wash|Filter)/.test(await title()); n++)
    await go(page)
  await expect(now.getByRole('img', { name: 'The well' })).toBeVisible()
  // That coat too; what comes next is what has to keep.
  await go(page)
  const poured = await now.innerText()

  await room(page, 'Tone')
  await page.getByRole('button', { name: 'deep brown' }).click()
  await expect(notice(page)).toContainText(/Painting has begun: .*mixes? stays? as poured/)
  await notice(page).getByRole('button', { name: 'Keep them as they are' }).click()
  await expect(notice(page)).toHaveCount(0)
  await room(page, 'Bench')
  await expect.poll(() => now.innerText()).toBe(poured)

  await room(page, 'Ladder')
  await page.getByRole('tab', { name: 'Bottles' }).click()
  await page.getByRole('button', { name: /^Take dioxazine violet from/ }).click()
  for (const where of ['Ladder', 'Card', 'Coats', 'Bench']) {
    await room(page, where)
    await expect(missing(page)).toContainText('dioxazine violet')
  }
  await expect(missing(page)).toContainText('nearest in is')
  await accessible(page)
  await missing(page)
    .getByRole('button', { name: /^Use the stand-in/ })
    .click()
  await expect(missing(page)).toHaveCount(0)
  for (const where of ['Coats', 'Ladder']) {
    await room(page, where)
    await expect(missing(page)).toHaveCount(0)
  }

  // A coat that was painted and is changed: it counts, or is painted again.
  await room(page, 'Coats')
  await coats(page).first().getByLabel('Passes').fill('6')
  await page.keyboard.press('Tab')
  await expect(notice(page)).toContainText('had been painted before it was changed')
  await notice(page).getByRole('button', { name: 'Paint it again' }).click()
  await expect(notice(page)).toHaveCount(0)
  await room(page, 'Bench')
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+z')
  await expect(notice(page)).toHaveCount(0)

  // Seen from across the table it wears its coats.
  await room(page, 'Range')
  await expect(page.getByRole('img', { name: /^Isaura.* once its coats are laid$/ })).toBeVisible()
})
