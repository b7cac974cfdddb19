import type { Page } from '@playwright/test'
import { card, figures, now, reference, sameInFreshProfile, takenAway, wells } from './marshPatrol'
import { accessible, expect, give, leaf, saved, settled, test } from './start'
import { left, leaveTo, more } from './benchRoom'

/** Eight bottles that stand on this painter's table. */
const EIGHT = [
  'titanium white',
  'carbon black',
  'yellow ochre',
  'red iron oxide',
  'burnt umber',
  'ultramarine',
  'quinacridone magenta',
  'chromium oxide green',
]
/** The ladder, the card and the bench say of the open figure what was said of it. */
async function rightEverywhere(page: Page, name: string, size: string, moves: number) {
  const room = (to: string) => page.getByRole('link', { name: to, exact: true }).click()
  await room('Ladder')
  await settled(page)
  await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible()
  await leaf(page, 'Bottles')
  await expect(wells(page)).toHaveCount(8)
  await room('Card')
  await expect.poll(() => card(page)).toContain(name)
  expect(await card(page)).toContain(size)
  await room('Coats')
  await expect(page.getByRole('region', { name: 'Coats' }).getByRole('listitem')).toHaveCount(7)
  await room('Bench')
  // Mixing counted, there are more of them.
  await expect.poll(() => left(page)).toBeGreaterThan(moves)
  await expect(now(page)).toContainText(name)
  await page.getByRole('link', { name: /Leave/ }).click()
}

test('a commission of one’s own from a first visit, by mouse: bust, trolls, eight bottles, a picture, all the way and back', async ({
  page,
  browser,
}) => {
  await page.goto('/')
  await accessible(page)
  await page.getByRole('link', { name: 'Start your own' }).click()
  await page.getByLabel('Name of the commission').fill('Marsh patrol')
  const next = page.getByRole('button', { name: 'Next' })
  // Nothing is chosen that was not said.
  await expect(next).toBeDisabled()
  await page.getByText('A bust').click()
  await accessible(page)
  await next.click()
  await expect(page.getByRole('status').getByText('choose a size and a skin or hide')).toBeVisible()
  await page.getByText('75 mm bust').click()
  await page.getByText('fair, golden').click()
  await accessible(page)
  await next.click()
  await page.getByText('Those I have').click()
  const bottles = page.getByRole('group', { name: 'Bottles that I have' })
  await expect(bottles.getByRole('checkbox', { checked: true })).toHaveCount(0)
  const find = page.getByLabel('Find a bottle by name or pigment')
  for (const name of EIGHT) {
    await find.fill(name)
    await bottles.getByRole('checkbox', { name, exact: true }).press('Space')
  }
  await expect(bottles.getByRole('checkbox', { checked: true })).toHaveCount(8)
  await accessible(page)
  await page.getByRole('button', { name: 'Begin', exact: true }).click()
  await settled(page)
  await expect(page.getByRole('heading', { name: 'Bust' })).toBeVisible()
  expect(page.url()).toMatch(/\/c\/[a-z0-9]+\/ladder$/)

  // The bust gets its name and its picture; four trolls stand beside it.
  await page.getByRole('link', { name: 'Figures' }).click()
  await page.getByLabel('Name', { exact: true }).fill('Sergeant of the ford')
  await page.keyboard.press('Enter')
  await give(page.getByRole('button', { name: 'Keep a picture with it…' }), {
    name: 'ford.png',
    mimeType: 'image/png',
    buffer: reference,
  })
  await expect(page.getByRole('img', { name: /painted after/ })).toBeVisible()
  await page.getByRole('button', { name: 'Add a figure' }).click()
  await page.getByLabel('Name', { exact: true }).fill('Marsh troll')
  await page.keyboard.press('Enter')
  await page.getByText('creature', { exact: true }).click()
  await page.getByRole('combobox', { name: 'Size' }).click({ force: true })
  await page.getByRole('option', { name: /^28 mm/ }).click()
  await page.getByLabel('How many of it').fill('4')
  await page.keyboard.press('Tab')
  await page
    .getByRole('combobox', { name: 'People, warband or pack' })
    .pressSequentially('Trolls of the ford')
  await page.keyboard.press('Enter')
  await expect(figures(page).nth(1)).toContainText('28 mm · 4 of it · Trolls of the ford')
  await accessible(page)
  await page.getByRole('link', { name: 'Its tone' }).click()
  await page.getByRole('link', { name: 'Hide', exact: true }).click()
  await page.getByRole('button', { name: 'deep green' }).click()

  await rightEverywhere(page, 'Marsh troll', '28 mm, 4 of it', 16)
  await page.getByRole('button', { name: 'Sergeant of the ford' }).click()
  await rightEverywhere(page, 'Sergeant of the ford', '75 mm bust', 4)
  await page.reload()
  await page.getByRole('link', { name: 'Bench', exact: true }).click()
  await expect.poll(() => left(page)).toBeGreaterThan(4)
  // What a mix looks like is said by eye; nothing that only stands in for a reader is offered.
  await more(page, 'Measure')
  const measure = page.getByRole('form', { name: 'Measure' })
  await expect(measure.getByText('From a reader’s file')).toBeVisible()
  await expect(measure.getByText('With the reader')).toHaveCount(0)
  await measure.getByRole('button', { name: 'darker' }).click()
  await expect(measure.getByRole('status')).toHaveText('2.0 from what was predicted.')
  await accessible(page)
  await measure.getByRole('button', { name: 'Write it down' }).click()
  await leaveTo(page, 'Log')
  await expect(page.getByText('1 reading of mixes can teach it')).toContainText('Read: 1 by eye')
  await expect(page.getByText('off by 2.0')).toBeVisible()

  // A fifth kind like the trolls; one is taken away and comes back.
  await page.getByRole('link', { name: 'Figures' }).click()
  await page.getByRole('button', { name: /^Marsh troll/ }).click()
  await page.getByRole('button', { name: 'Another like it' }).click()
  await expect(figures(page)).toHaveCount(3)
  await expect(figures(page).nth(2)).toContainText('Marsh troll 2')
  await page.getByRole('button', { name: 'Remove it' }).click()
  await expect(figures(page)).toHaveCount(2)
  await page.getByRole('button', { name: 'Undo' }).last().click()
  await expect(figures(page)).toHaveCount(3)
  // By drag: the new kind stands first.
  await figures(page).nth(2).locator('.grip').dragTo(figures(page).nth(0).locator('.grip'))
  await expect(figures(page).nth(0)).toContainText('Marsh troll 2')
  await saved(page)

  const { path, project } = await takenAway(page)
  expect(project.name).toBe('Marsh patrol')
  expect(project.figures.map(({ name, many }) => [name, many])).toEqual([
    ['Marsh troll 2', 4],
    ['Sergeant of the ford', 1],
    ['Marsh troll', 4],
  ])
  await sameInFreshProfile(browser, path, project)

  // The shelf has it without the demo; deleted, it can be brought back.
  await page.getByRole('link', { name: 'Shelf', exact: true }).click()
  await expect(page.getByText('nine pieces, three kinds')).toBeVisible()
  const packed = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as a file' }).click()
  expect((await packed).suggestedFilename()).toBe('marsh-patrol.zip')
  await page.getByRole('button', { name: 'Delete', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Marsh patrol' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Bring it back' }).click()
  await expect(page.getByRole('heading', { name: 'Marsh patrol' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Bring it back' })).toHaveCount(0)
  await accessible(page)
  await page.getByRole('button', { name: 'Bring Low Tide' }).click()
  await expect(page.getByText('two commissions')).toBeVisible()
})
