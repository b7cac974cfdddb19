import type { Page } from '@playwright/test'
import { unzipSync } from 'fflate'
import { allStored, store, storedAt } from '../fixtures/stored'
import { png } from '../fixtures/pictures'
import { accessible, again, expect, give, saved, test } from './start'

test.use({ apart: true })

const files = async (page: Page, item: string | RegExp) => {
  await page.getByRole('button', { name: 'Files' }).click()
  await page.getByRole('menuitem', { name: item }).click()
}
const rename = async (page: Page, name: string) => {
  const field = page.getByRole('textbox', { name: 'Name', exact: true })
  await field.fill(name)
  await field.press('Tab')
  await saved(page)
}

/** The browser's own private folder stands in for one of the painter's; its handles are of the same kind. */
test('a folder is kept up to date by itself, over a reload too, and what is in it opens', async ({
  page,
}) => {
  await page.addInitScript(() =>
    Object.assign(window, {
      showDirectoryPicker: async () =>
        (await navigator.storage.getDirectory()).getDirectoryHandle('painting', { create: true }),
    }),
  )
  const inFolder = () =>
    page.evaluate(async () => {
      const root = await navigator.storage.getDirectory()
      const folder = await root.getDirectoryHandle('painting', { create: true })
      const file = await (await folder.getFileHandle('low-tide.zip')).getFile()
      return [...new Uint8Array(await file.arrayBuffer())]
    })
  const namesIn = async (): Promise<string> =>
    new TextDecoder().decode(unzipSync(Uint8Array.from(await inFolder()))['project.json'])
  await page.clock.install()
  await page.goto('/figures')
  await files(page, 'Keep a folder up to date by itself…')
  await expect.poll(() => namesIn().catch(() => '')).toContain('"format": "cobaltfinch-project"')
  await page.reload()
  await rename(page, 'Kept elsewhere')
  expect(await namesIn()).not.toContain('Kept elsewhere')
  await page.clock.runFor(25_000)
  await expect.poll(namesIn).toContain('Kept elsewhere')
  await page.getByRole('button', { name: 'Files' }).click()
  await expect(
    page.getByRole('menuitem', { name: /Pack the whole.*as it was packed/ }),
  ).toBeVisible()
  await expect(
    page.getByRole('menuitem', { name: 'Stop keeping painting up to date' }),
  ).toBeVisible()
})

test('one key packs the commission; after much change one is reminded of it', async ({ page }) => {
  await page.clock.install()
  await page.goto('/figures')
  for (let i = 0; i < 60; i++) {
    await page.getByRole('textbox', { name: 'Name', exact: true }).fill(`Isaura ${i}`)
    await page.keyboard.press('Tab')
    await page.clock.runFor(1500)
  }
  await expect(
    page.getByText(/No copy of this commission outside.*60 changes, never packed/),
  ).toBeVisible()
  const waiting = page.waitForEvent('download')
  await page.keyboard.press('Control+s')
  await waiting
  await page.getByRole('button', { name: 'Files' }).click()
  await page.clock.runFor(1000)
  await expect(page.getByRole('menuitem', { name: /as it was packed/ })).toBeVisible()
})

test('work that was put aside is compared, taken back as a commission of its own, and deleted', async ({
  page,
}) => {
  await page.goto('/figures')
  await rename(page, 'Before')
  const before = await storedAt(page, 'commission low-tide')
  await store(page, 'put aside 2026-11-20T19:00:00.000Z low-tide', before)
  await rename(page, 'After')
  await page.reload()
  await files(page, 'Work that was put aside (1)…')
  const dialog = page.getByRole('dialog', { name: 'Work that was put aside' })
  await dialog.getByRole('button', { name: 'Compare' }).click()
  await expect(dialog.getByText('name of After: “After” here, “Before” there')).toBeVisible()
  await accessible(page)
  await dialog.getByRole('button', { name: 'Delete' }).click()
  await page.getByRole('button', { name: 'Keep it' }).click()
  await dialog.getByRole('button', { name: /Take back/ }).click()
  await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('Before')
  await page.goto('/')
  await expect(page.getByRole('heading', { level: 2 })).toHaveCount(2)
  await page.getByRole('button', { name: 'Work that was put aside (1)' }).click()
  const aside = page.getByRole('region', { name: 'Work that was put aside (1)' })
  await aside.getByRole('button', { name: 'Delete' }).click()
  await page.getByRole('button', { name: 'Delete for good' }).click()
  await expect(page.getByRole('button', { name: /put aside/ })).toHaveCount(0)
})

again(
  'a picture that was replaced and taken off comes back by undo, and is freed at the next visit',
  async ({ page }) => {
    const kept = async () => (await allStored(page, 'photos')).length
    await page.goto('/figures')
    const picture = page.getByRole('img', { name: /is painted after/ })
    const buffer = png(40, 30, () => [90, 60, 40])
    for (const name of ['one.png', 'two.png']) {
      const file = { name, mimeType: 'image/png', buffer }
      await give(page.getByRole('button', { name: 'Another picture…' }), file)
      await expect(picture).toHaveAttribute('alt', new RegExp(name))
    }
    // What follows at once would be one step of undo with it.
    await page.waitForTimeout(1300)
    await page.getByRole('button', { name: 'Take it off' }).click()
    await expect(picture).toHaveCount(0)
    expect(await kept()).toBe(2)
    await page.keyboard.press('Control+z')
    await expect(picture).toHaveAttribute('alt', /two\.png/)
    await saved(page)
    await page.reload()
    await expect.poll(kept).toBe(1)
    await page.getByRole('button', { name: 'Take it off' }).click()
    await saved(page)
    await page.reload()
    await expect.poll(kept).toBe(0)
  },
)
