import { readFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { unpackCommission } from '../../core'
import { allStored } from '../fixtures/stored'
import { ids } from './marshPatrol'
import { expect, saved, test } from './start'

const note = (page: Page) => page.getByLabel('Note', { exact: true })

/** Types into the note and does not leave it. */
async function type(page: Page, words: string): Promise<void> {
  await note(page).fill('')
  await note(page).pressSequentially(words)
  await expect(note(page)).toBeFocused()
}

test('what is typed is kept before the field is left: reload, another address, hidden, closed, a packed file, another tab', async ({
  page,
  context,
}) => {
  await page.goto('/figures')
  await type(page, 'by the window')
  await page.reload()
  await expect(note(page)).toHaveValue('by the window')

  await type(page, 'north light')
  await page.goto('/box')
  await page.goto('/figures')
  await expect(note(page)).toHaveValue('north light')

  // A page that is hidden may never be shown again: what was typed is stored, the field entered or not.
  await type(page, 'not at noon')
  await page.evaluate(() => {
    Object.defineProperty(document, 'visibilityState', { value: 'hidden', configurable: true })
    document.dispatchEvent(new Event('visibilitychange'))
  })
  await expect.poll(async () => (await allStored(page, 'work')).join()).toContain('not at noon')
  await page.evaluate(() => Reflect.deleteProperty(document, 'visibilityState'))

  // Closed, as by a tab's cross, while the field has the focus.
  const closed = await context.newPage()
  await closed.goto('/figures')
  await type(closed, 'by the cross')
  await closed.close()
  const opened = await context.newPage()
  await opened.goto('/figures')
  await expect(note(opened)).toHaveValue('by the cross')
  await opened.close()

  await type(page, 'lamp at 5000 K')
  const packed = page.waitForEvent('download')
  await page.keyboard.press('Control+s')
  const bytes = await readFile(await (await packed).path())
  const unpacked = unpackCommission(new Uint8Array(bytes), ids)
  expect(JSON.stringify(unpacked)).toContain('lamp at 5000 K')

  // Another tab changes the same figure while this one types: both stay.
  const other = await context.newPage()
  await other.goto('/figures')
  await note(page).pressSequentially(', and')
  await other.getByLabel('How many of it').fill('7')
  await other.keyboard.press('Tab')
  await saved(other)
  await expect(page.getByLabel('How many of it')).toHaveValue('7')
  await note(page).pressSequentially(' a mirror')
  await expect(note(page)).toHaveValue('lamp at 5000 K, and a mirror')
  await expect(note(other)).toHaveValue('lamp at 5000 K, and a mirror')
  await other.close()

  // A visit to the field is one step of undo, however long it took.
  await note(page).blur()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(note(page)).not.toHaveValue(/mirror/)
})
