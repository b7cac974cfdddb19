import { readFile } from 'node:fs/promises'
import type { Browser, Page } from '@playwright/test'
import { unpackCommission, starterPaints } from '../../core'
import type { Project } from '../../core'
import { png } from '../fixtures/pictures'
import { accessible, chooseFile, expect, saved, settled, tabTo, test } from './start'

const ids = new Set(starterPaints.map(({ id }) => id))
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
const reference = png(64, 80, (x, y) => [90 + x, 60 + y, 50])
const figures = (page: Page) => page.getByRole('list', { name: 'Figures' }).getByRole('listitem')
const now = (page: Page) => page.getByRole('region', { name: 'Now' })
const card = async (page: Page): Promise<string> =>
  decodeURIComponent(
    (await page.getByRole('img', { name: /Recipe card/ }).getAttribute('src')) ?? '',
  )
const wells = (page: Page) =>
  page
    .getByRole('region', { name: 'Bottles of this figure' })
    .getByRole('button', { name: /^Take / })

/** The ladder, the card and the bench say of the open figure what was said of it. */
async function rightEverywhere(page: Page, name: string, size: string, moves: number) {
  const room = (to: string) => page.getByRole('link', { name: to, exact: true }).click()
  await room('Ladder')
  await settled(page)
  await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible()
  await expect(wells(page)).toHaveCount(8)
  await room('Card')
  await expect.poll(() => card(page)).toContain(name)
  expect(await card(page)).toContain(size)
  await room('Coats')
  await expect(page.getByRole('region', { name: 'Coats' }).getByRole('listitem')).toHaveCount(4)
  await room('Bench')
  await expect(now(page).getByText(`${moves} moves left`)).toBeVisible()
  await expect(now(page)).toContainText(name)
}

async function takenAway(page: Page): Promise<{ path: string; project: Project }> {
  const waiting = page.waitForEvent('download')
  await chooseFile(page, 'Pack the whole commission, with pictures (ZIP)')
  const path = await (await waiting).path()
  const reading = unpackCommission(new Uint8Array(await readFile(path)), ids)
  if (!reading.ok) throw new Error(JSON.stringify(reading.issues))
  expect(reading.value.photos.size).toBe(1)
  expect(reading.value.missing).toEqual([])
  return { path, project: reading.value.project }
}
async function sameInFreshProfile(browser: Browser, path: string, project: Project) {
  const fresh = await (await browser.newContext()).newPage()
  await fresh.goto('/')
  await fresh.getByLabel('Project file').setInputFiles(path)
  await settled(fresh)
  await expect(fresh.getByRole('link', { name: 'Shelf', exact: true })).toBeVisible()
  const again = await takenAway(fresh)
  expect(again.project).toEqual(project)
  await fresh.getByRole('link', { name: 'Shelf', exact: true }).click()
  await expect(fresh.getByRole('heading', { name: 'Marsh patrol' })).toBeVisible()
  await expect(fresh.getByText('Low Tide', { exact: true })).toHaveCount(0)
  await fresh.context().close()
}

test('a commission of one’s own from a first visit, by mouse: bust, trolls, eight bottles, a picture, all the way and back', async ({
  page,
  browser,
}) => {
  await page.goto('/')
  await accessible(page)
  await page.getByRole('link', { name: 'Start your own' }).click()
  await page.getByLabel('Name of the commission').fill('Marsh patrol')
  await page.getByText('One bust').click()
  await accessible(page)
  await page.getByRole('button', { name: 'Next' }).click()
  await page.getByRole('button', { name: 'Next' }).click()
  await page.getByText('75 mm bust').click()
  await page.getByRole('button', { name: 'Next' }).click()
  await page.getByText('fair, golden').click()
  await page.getByRole('button', { name: 'Next' }).click()
  await page.getByText('These I have').click()
  const bottles = page.getByRole('group', { name: 'Bottles that I have' })
  const ticked = bottles.getByRole('checkbox', { checked: true })
  while ((await ticked.count()) > 0) await ticked.first().uncheck({ force: true })
  for (const name of EIGHT)
    await bottles.getByRole('checkbox', { name, exact: true }).check({ force: true })
  await accessible(page)
  await page.getByRole('button', { name: 'Begin', exact: true }).click()
  await settled(page)
  await expect(page.getByRole('heading', { name: 'Bust' })).toBeVisible()
  expect(page.url()).toMatch(/\/c\/[a-z0-9]+\/ladder$/)

  // The bust gets its name and its picture; four trolls stand beside it.
  await page.getByRole('link', { name: 'Figures' }).click()
  await page.getByLabel('Name', { exact: true }).fill('Sergeant of the ford')
  await page.keyboard.press('Enter')
  await page
    .getByLabel('Picture that Sergeant of the ford is painted after')
    .setInputFiles({ name: 'ford.png', mimeType: 'image/png', buffer: reference })
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

  await rightEverywhere(page, 'Marsh troll', '28 mm, 4 of it', 20)
  await page.getByRole('button', { name: 'Sergeant of the ford' }).click()
  await rightEverywhere(page, 'Sergeant of the ford', '75 mm bust', 5)
  await page.reload()
  await expect(now(page).getByText('5 moves left')).toBeVisible()

  // A fifth kind like the trolls; one is taken away and comes back.
  await page.getByRole('link', { name: 'Figures' }).click()
  await page.getByRole('button', { name: /^Marsh troll/ }).click()
  await page.getByRole('button', { name: 'Another like it' }).click()
  await expect(figures(page)).toHaveCount(3)
  await expect(figures(page).nth(2)).toContainText('Marsh troll 2')
  await page.getByRole('button', { name: 'Take it away' }).click()
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
  await page.getByRole('button', { name: 'Delete', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Marsh patrol' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Bring it back' }).click()
  await expect(page.getByRole('heading', { name: 'Marsh patrol' })).toBeVisible()
  await accessible(page)
  await page.getByRole('button', { name: 'Bring Low Tide' }).click()
  await expect(page.getByText('two commissions')).toBeVisible()
})

test('the same with keys only', async ({ page, browser }) => {
  await page.goto('/')
  const press = async (...keys: string[]) => {
    for (const key of keys) await page.keyboard.press(key)
  }
  const type = async (text: string) => {
    await press('Control+a')
    await page.keyboard.type(text)
  }
  await tabTo(page, 'Start your own')
  await press('Enter')
  await tabTo(page, 'Name of the commission')
  await type('Marsh patrol')
  await tabTo(page, /figure/i)
  await press('ArrowLeft')
  await expect(page.getByRole('radio', { name: 'One bust' })).toBeChecked()
  const next = async () => {
    await tabTo(page, 'Next')
    await press('Enter')
  }
  await next()
  await next()
  await expect(page.getByRole('radio', { name: /75 mm bust/ })).toBeChecked()
  await next()
  await next()
  await tabTo(page, /Eight that go far/)
  await press('ArrowDown')
  await expect(page.getByRole('radio', { name: /Six/ })).toBeChecked()
  await press('ArrowDown')
  await expect(page.getByRole('radio', { name: /These I have/ })).toBeChecked()
  await tabTo(page, 'Begin')
  await press('Enter')
  await settled(page)

  await tabTo(page, 'Figures')
  await press('Enter')
  await tabTo(page, 'Name')
  await type('Sergeant of the ford')
  await press('Enter')
  const chooser = page.waitForEvent('filechooser')
  await tabTo(page, 'Keep a picture with it')
  await press('Enter')
  await (await chooser).setFiles({ name: 'ford.png', mimeType: 'image/png', buffer: reference })
  await expect(page.getByRole('img', { name: /painted after/ })).toBeVisible()
  await tabTo(page, 'Add a figure')
  await press('Enter')
  await tabTo(page, 'Name')
  await type('Marsh troll')
  await press('Enter')
  await tabTo(page, /person/)
  await press('ArrowRight')
  await expect(page.getByRole('radio', { name: 'creature' })).toBeChecked()
  await tabTo(page, 'Size')
  await press('Enter')
  await expect(page.getByRole('option', { name: /^28 mm/ })).toBeVisible()
  await press('ArrowUp', 'ArrowUp', 'ArrowUp', 'Enter')
  await tabTo(page, 'How many of it')
  await press('ArrowUp', 'ArrowUp', 'ArrowUp')
  await tabTo(page, 'People, warband or pack')
  await page.keyboard.type('Trolls')
  await press('Enter', 'Escape')
  await expect(figures(page).nth(1)).toContainText('28 mm · 4 of it · Trolls')
  const room = async (name: string) => {
    await tabTo(page, new RegExp(`^${name}$`))
    await press('Enter')
  }
  await room('Ladder')
  await settled(page)
  await expect(wells(page)).toHaveCount(8)
  await room('Card')
  await expect.poll(() => card(page)).toContain('28 mm, 4 of it')
  await room('Coats')
  await expect(page.getByRole('region', { name: 'Coats' }).getByRole('listitem')).toHaveCount(4)
  await room('Bench')
  await expect(now(page).getByText('20 moves left')).toBeVisible()
  await tabTo(page, 'Sergeant')
  await press('Enter')
  await expect(now(page).getByText('5 moves left')).toBeVisible()
  await saved(page)
  await page.reload()
  await expect(now(page).getByText('5 moves left')).toBeVisible()

  await room('Figures')
  await tabTo(page, 'Marsh troll')
  await press('Enter')
  await tabTo(page, 'Another like it')
  await press('Enter')
  await expect(figures(page)).toHaveCount(3)
  await tabTo(page, 'Marsh troll 2')
  await press('Delete')
  await expect(figures(page)).toHaveCount(2)
  await press('Control+z')
  await expect(figures(page)).toHaveCount(3)
  await tabTo(page, 'Marsh troll 2')
  await press('Alt+ArrowUp')
  await expect(figures(page).nth(1)).toContainText('Marsh troll 2')
  await saved(page)
  await tabTo(page, 'Files')
  await press('Enter')
  await expect(page.getByRole('menuitem', { name: /^Pack the whole/ })).toBeVisible()
  const waiting = page.waitForEvent('download')
  const pack = page.getByRole('menuitem', { name: /^Pack the whole/ })
  await expect(page.getByRole('menuitem').first()).toBeFocused()
  for (const line of [1, 2, 3]) {
    await press('ArrowDown')
    await expect(page.getByRole('menuitem').nth(line)).toBeFocused()
  }
  await expect(pack).toBeFocused()
  await press('Enter')
  const path = await (await waiting).path()
  const reading = unpackCommission(new Uint8Array(await readFile(path)), ids)
  if (!reading.ok) throw new Error('unreadable')
  await sameInFreshProfile(browser, path, reading.value.project)
})
