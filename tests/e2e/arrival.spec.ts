import { crowdOf } from './crowd'
import { many } from '../thorough'
import { neverHolds } from './longTasks'
import { expect, openLadder, test } from './start'

/**
 * Controls and words that a room may have in sight at 1280 × 800, the demo in it: a little more than docs/rooms.md says,
 * since what is still sought leaves place for what is below it.
 */
const crowds = {
  Range: [52, 175],
  Figures: [54, 145],
  Box: [50, 210],
  Tone: [60, 165],
  Ladder: [140, 215],
  Coats: [84, 260],
  Accents: [46, 145],
  Log: [30, 95],
  Eye: [52, 235],
} as const

/** What the title says, where it is told. */
const titles: Partial<Record<string, RegExp>> = {
  Ladder: /^Ladder · Isaura.* · Low Tide · Cobaltfinch$/,
  Coats: /^Coats · Isaura/,
  Box: /^Box · Low Tide/,
}

test('in a new room the title says where one is, the focus is on its heading, and it is no more crowded than it was', async ({
  page,
}) => {
  await page.goto('/figures')
  await expect(page).toHaveTitle('Figures · Low Tide · Cobaltfinch')
  for (const [room, [controls, words]] of Object.entries(crowds)) {
    await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: room }).click()
    await expect(page.getByRole('heading', { level: 1 })).toBeFocused()
    // It opens at its top, however far down the one before was read.
    await expect(page.getByRole('heading', { level: 1 })).toBeInViewport()
    if (titles[room]) await expect(page).toHaveTitle(titles[room])
    const crowd = await crowdOf(page)
    expect(crowd.controls, `controls in ${room}`).toBeLessThanOrEqual(controls)
    expect(crowd.words, `words in ${room}`).toBeLessThanOrEqual(words)
    await page.locator('main').first().hover()
    await page.mouse.wheel(0, 600)
  }
  await page.goto('/tone/hide')
  await expect(page).toHaveTitle(/^Tone \(hide\) · Isaura/)
})

test('no room holds the page for 50 ms when it is entered @traced', async ({ page }) => {
  await openLadder(page)
  const rooms = ['Coats', 'Figures', 'Tone', 'Accents', 'Range', 'Box', 'Ladder']
  for (const room of rooms.slice(0, many(7, 1)))
    await neverHolds(page, async () => {
      await page.getByRole('link', { name: 'Log', exact: true }).first().click()
      await page.waitForTimeout(700)
      await page.getByRole('link', { name: room, exact: true }).first().click()
      await expect(page.getByRole('main')).toBeVisible()
      await page.waitForTimeout(1500)
    })
})

test.describe('with forms', () => {
  test.use({ forms: true })
  /** A throw, caught or not, has the browser read the whole file again to tell where: in a large one that is felt. */
  test('nothing is thrown while a room opens', async ({ page }) => {
    const session = await page.context().newCDPSession(page)
    await session.send('Debugger.enable')
    await session.send('Debugger.setPauseOnExceptions', { state: 'all' })
    const thrown: (string | undefined)[] = []
    session.on('Debugger.paused', ({ data }) => {
      thrown.push((data as { description?: string } | undefined)?.description)
      void session.send('Debugger.resume')
    })
    await page.goto('/ladder')
    await expect(page.getByRole('spinbutton', { name: /drops/ }).first()).toBeVisible()
    expect(thrown).toEqual([])
  })
})

/** A tablet on the home network asks for the page by a name that is no secure address. */
test('without a secure address: rooms, changes, two tabs and saving work', async ({
  playwright,
}) => {
  const browser = await playwright.chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--host-resolver-rules=MAP tablet.test 127.0.0.1'],
  })
  const context = await browser.newContext()
  const [page, other] = [await context.newPage(), await context.newPage()]
  const thrown: string[] = []
  page.on('pageerror', ({ message }) => thrown.push(message))
  for (const one of [page, other]) await one.goto('http://tablet.test:4180/figures')
  expect(await page.evaluate(() => [isSecureContext, 'locks' in navigator])).toEqual([false, false])
  const name = (of: typeof page) => of.getByRole('textbox', { name: 'Name', exact: true })
  await name(page).fill('By the stove')
  await name(page).press('Tab')
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await expect(name(other)).toHaveValue('By the stove')
  await page
    .getByRole('button', { name: /Add a figure|New figure/ })
    .first()
    .click()
  await page.reload()
  await expect(name(page)).toBeVisible()
  for (const room of ['ladder', 'bench', 'coats', 'tone', 'range']) {
    await page.goto(`http://tablet.test:4180/${room}`)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await expect(page.getByRole('alert')).toHaveCount(0)
  }
  expect(thrown).toEqual([])
  await browser.close()
})
