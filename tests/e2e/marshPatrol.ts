import { readFile } from 'node:fs/promises'
import type { Browser, Page } from '@playwright/test'
import { unpackCommission, starterPaints } from '../../core'
import type { Project } from '../../core'
import { png } from '../fixtures/pictures'
import { chooseFile, expect, openCommission, settled } from './start'

export const ids = new Set(starterPaints.map(({ id }) => id))
/** A picture to paint after; invented. */
export const reference = png(64, 80, (x, y) => [90 + x, 60 + y, 50])
export const figures = (page: Page) =>
  page.getByRole('list', { name: 'Figures' }).getByRole('listitem')
export const now = (page: Page) => page.getByRole('region', { name: 'Now' })
export const card = async (page: Page): Promise<string> =>
  decodeURIComponent(
    (await page.getByRole('img', { name: /Recipe card/ }).getAttribute('src')) ?? '',
  )
export const wells = (page: Page) =>
  page
    .getByRole('region', { name: 'Bottles of this figure' })
    .getByRole('button', { name: /^Take / })

export async function takenAway(page: Page): Promise<{ path: string; project: Project }> {
  const waiting = page.waitForEvent('download')
  await chooseFile(page, 'Pack the whole commission, with pictures (ZIP)')
  const path = await (await waiting).path()
  const reading = unpackCommission(new Uint8Array(await readFile(path)), ids)
  if (!reading.ok) throw new Error(JSON.stringify(reading.issues))
  expect(reading.value.photos.size).toBe(1)
  expect(reading.value.missing).toEqual([])
  return { path, project: reading.value.project }
}
export async function sameInFreshProfile(browser: Browser, path: string, project: Project) {
  const fresh = await (await browser.newContext()).newPage()
  await fresh.goto('/')
  await openCommission(fresh, path)
  await settled(fresh)
  await expect(fresh.getByRole('link', { name: 'Shelf', exact: true })).toBeVisible()
  const again = await takenAway(fresh)
  expect(again.project).toEqual(project)
  await fresh.getByRole('link', { name: 'Shelf', exact: true }).click()
  await expect(fresh.getByRole('heading', { name: 'Marsh patrol' })).toBeVisible()
  await expect(fresh.getByText('Low Tide', { exact: true })).toHaveCount(0)
  await fresh.context().close()
}
