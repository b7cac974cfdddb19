import { readFile, writeFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { neverHolds } from './longTasks'
import {
  again,
  chooseFile,
  expect,
  leaf,
  openCommission,
  openLadder,
  pick,
  picked,
  saved,
  settled,
  test,
} from './start'
import { store } from '../fixtures/stored'

const drops = (page: Page, paint: string, step: string) =>
  page.getByRole('spinbutton', { name: `${paint} in ${step}, drops`, exact: true })

async function download(page: Page, line: string): Promise<string> {
  const waiting = page.waitForEvent('download')
  await chooseFile(page, line)
  return readFile((await (await waiting).path())!, 'utf8')
}

test('the main job: see the ladder, change it, save it, open it again in a fresh profile', async ({
  page,
  browser,
}) => {
  await openLadder(page)
  await expect(page.getByRole('heading', { name: 'Isaura, ferrywoman' })).toBeVisible()
  const white = drops(page, 'titanium white', 'Glint')
  await expect(white).not.toHaveAttribute('aria-valuenow', '0')

  // A drop by hand changes the number and the colour at once, and the mix is kept.
  const strip = page.getByRole('img', { name: 'Glint, painted' })
  const colourBefore = await strip.evaluate((one) => getComputedStyle(one).backgroundColor)
  const before = Number(await white.getAttribute('aria-valuenow'))
  await white.focus()
  await page.keyboard.press('ArrowDown')
  await expect(white).toHaveAttribute('aria-valuenow', String(before - 1))
  expect(await strip.evaluate((one) => getComputedStyle(one).backgroundColor)).not.toBe(
    colourBefore,
  )
  await expect(page.getByRole('button', { name: 'Keep Glint as it is' })).toHaveAttribute(
    'aria-pressed',
    'true',
  )

  await leaf(page, 'Bottles')
  // A paint taken out is gone from the found mixes.
  await page.getByRole('button', { name: 'Take chromium oxide green from Isaura' }).click()
  await settled(page)
  await expect(drops(page, 'chromium oxide green', 'Base')).toHaveCount(0)
  await leaf(page, 'Mixing')
  await pick(page, 'Most drops', '8')
  await leaf(page, 'Light')
  await page.getByRole('slider', { name: 'Light warmth' }).focus()
  await page.keyboard.press('End')
  await settled(page)
  await expect(page.getByText('lamp', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Tunde', exact: false }).click()
  await settled(page)
  await saved(page)

  const csv = await download(page, 'This ladder as a table (CSV)')
  expect(csv.trim().split('\n')).toHaveLength(8)
  expect(csv).toContain('burnt umber')
  const gpl = await download(page, 'This ladder as a palette (GPL)')
  expect(gpl).toMatch(/^ *\d+ +\d+ +\d+\tGlint: /m)
  const text = await download(page, 'Save the project to a file')

  const fresh = await (await browser.newContext()).newPage()
  await openLadder(fresh)
  await openCommission(fresh, {
    name: 'low-tide.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text),
  })
  await expect(fresh.getByRole('heading', { name: 'Tunde, pilot' })).toBeVisible()
  await settled(fresh)
  const again = await download(fresh, 'Save the project to a file')
  expect(JSON.parse(again)).toEqual(JSON.parse(text))
  await fresh.context().close()
})

again('a reload keeps every change; undo and redo go through them', async ({ page }) => {
  await openLadder(page)
  await leaf(page, 'Light')
  await page.getByRole('slider', { name: 'Contrast' }).focus()
  await page.keyboard.press('Home')
  await leaf(page, 'Mixing')
  await pick(page, 'Steps', '5')
  await settled(page)
  await expect(page.getByRole('heading', { name: 'Half-shade' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Keep Shade as it is' }).click()
  await saved(page)
  await page.reload()
  await settled(page)
  await expect(picked(page, 'Steps')).toContainText('5')
  await leaf(page, 'Light')
  await expect(page.getByRole('slider', { name: 'Contrast' })).toHaveAttribute(
    'aria-valuenow',
    '0.4',
  )
  const keep = page.getByRole('button', { name: 'Keep Shade as it is' })
  await expect(keep).toHaveAttribute('aria-pressed', 'true')
  await keep.click()
  await expect(keep).toHaveAttribute('aria-pressed', 'false')
  await page.keyboard.press('Control+z')
  await expect(keep).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(keep).toHaveAttribute('aria-pressed', 'false')
})

again(
  'damaged and foreign files are refused by place, and nothing is lost',
  async ({ page }, testInfo) => {
    await openLadder(page)
    const good = await download(page, 'Save the project to a file')
    const offer = (name: string, buffer: Buffer) =>
      openCommission(page, { name, mimeType: 'application/json', buffer })
    const refusal = page.getByRole('alert')

    await offer('cut.json', Buffer.from(good.slice(0, 900)))
    await expect(refusal).toContainText('Your work is as it was')
    await expect(refusal).toContainText(/line \d+, column \d+: the file stops in the middle/)
    await offer('old.json', Buffer.from(good.replace('"version": 5', '"version": 9')))
    await expect(refusal).toContainText('version: the file says version 9')
    const huge = testInfo.outputPath('huge.json')
    await writeFile(huge, Buffer.alloc(50 * 1024 * 1024, 32))
    await openCommission(page, huge)
    await expect(refusal).toContainText('50 MB; a project file has at most 20 MB')
    await page.getByRole('button', { name: 'Close' }).click()
    expect(await download(page, 'Save the project to a file')).toBe(good)

    const script = '<img src=x onerror="document.title=`owned`">'
    await offer(
      'script.json',
      Buffer.from(good.replace('Isaura, ferrywoman', JSON.stringify(script).slice(1, -1))),
    )
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(script)
    expect(await page.title()).not.toBe('owned')
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByRole('heading', { name: 'Isaura, ferrywoman' })).toBeVisible()
  },
)

test('dragging a slider and searching anew never hold the page for 50 ms @traced', async ({
  page,
}) => {
  await openLadder(page)
  const slider = page.getByRole('slider', { name: 'How far it turns' })
  await slider.focus()
  const aim = page.getByRole('img', { name: 'Shade, aimed at', exact: true })
  const colour = () => aim.evaluate((one) => getComputedStyle(one).backgroundColor)
  const start = await colour()
  await neverHolds(page, async () => {
    for (let i = 0; i < 10; i++) await page.keyboard.press('ArrowRight')
    for (let i = 0; i < 30; i++) await page.keyboard.press('ArrowLeft')
  })
  expect(await colour()).not.toBe(start)
  await leaf(page, 'Mixing')
  await neverHolds(page, async () => {
    await pick(page, 'Most paints', '2')
    await pick(page, 'Most paints', '4')
    await settled(page)
  })
})

test('stored work that is damaged is put aside and reported', async ({ page }) => {
  await openLadder(page)
  await leaf(page, 'Mixing')
  await pick(page, 'Most drops', '12')
  await saved(page)
  await store(page, 'commission low-tide', '{"format":"cobaltf')
  await page.reload()
  await expect(page.getByRole('alert')).toContainText('put aside unchanged')
  // The work is never taken for gone: the shelf still has it, and no demo is saved over it.
  await expect(page).toHaveURL(/\/$/)
  await expect(page.getByRole('heading', { name: 'Low Tide' })).toBeVisible()
  const stored = await page.evaluate(
    () =>
      new Promise<unknown>((resolve) => {
        const open = indexedDB.open('cobaltfinch')
        open.onsuccess = () => {
          const read = open.result
            .transaction('work')
            .objectStore('work')
            .get('commission low-tide')
          read.onsuccess = () => resolve(read.result)
        }
      }),
  )
  expect(stored).toBe('{"format":"cobaltf')
})

again('with no paint in use the ladder says so', async ({ page }) => {
  await openLadder(page)
  await leaf(page, 'Bottles')
  const takes = page.getByRole('button', { name: /^Take .* from Isaura$/ })
  await expect(takes.first()).toBeVisible()
  for (let left = await takes.count(); left > 0; left--) await takes.first().click()
  await expect(page.getByText('No bottle is in, so')).toBeVisible()
})
