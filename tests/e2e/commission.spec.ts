import { readFile, writeFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { packCommission, starterPaints, unpackCommission } from '../../core'
import type { Project } from '../../core'
import { largeCommission } from '../fixtures/largeCommission'
import { again, accessible, chooseFile, expect, openCommission, pick, saved, test } from './start'
import { benchOf, go, left, now } from './benchRoom'
import { store } from '../fixtures/stored'

const ids = starterPaints.map(({ id }) => id)
const nameOf = (id: string): string => starterPaints.find((one) => one.id === id)?.name ?? id

/** Counts rings instead of sounding them, and lets drying time go by at once. */
const countRings = (page: Page) =>
  page.addInitScript(() => {
    Object.assign(window, { rings: 0 })
    const node = { connect: () => node, start: () => undefined, stop: () => undefined }
    Object.assign(window, {
      AudioContext: class {
        currentTime = 0
        destination = {}
        createOscillator() {
          ;(window as unknown as { rings: number }).rings++
          return { ...node, frequency: { value: 0 } }
        }
        createGain() {
          const gain = { setValueAtTime: () => gain, exponentialRampToValueAtTime: () => gain }
          return { ...node, gain }
        }
      },
    })
  })
const rings = (page: Page): Promise<number> =>
  page.evaluate(() => (window as unknown as { rings: number }).rings)

test.use({ apart: true })

again(
  'two tabs: a change is seen in both, only one rings, and neither overwrites the other',
  async ({ page, context }) => {
    const other = await context.newPage()
    await countRings(page)
    await countRings(other)
    await page.clock.install()
    await page.goto('/coats')
    await page.getByRole('button', { name: /change name, size and number/ }).click()
    await page.getByLabel('How many of it').fill('3')
    await page.keyboard.press('Enter')
    await page.clock.runFor(1000)
    await saved(page)
    await page.goto('/bench')
    await other.clock.install()
    await other.goto('/bench')
    await expect.poll(() => left(page)).toBeGreaterThan(11)
    const all = (await left(page))!
    await expect.poll(() => left(other)).toBe(all)
    for (let i = 0; i < 3; i++) await page.keyboard.press('Space')
    await page.keyboard.press('d')
    await page.clock.runFor(1000)
    await expect.poll(() => left(other)).toBe(all - 3)
    await expect(
      other.getByRole('group', { name: 'In rotation' }).getByText(/\d:\d\d/),
    ).toBeVisible()
    await page.clock.fastForward('45:00')
    await other.clock.fastForward('46:00')
    await expect.poll(async () => (await rings(page)) + (await rings(other))).toBe(1)
    await page.clock.runFor(5000)
    await other.clock.runFor(5000)
    expect((await rings(page)) + (await rings(other))).toBe(1)

    // What this tab does not know of is put aside before it is written over.
    await store(page, 'commission low-tide', '{"by":"a tab that never told"}')
    await page.keyboard.press('Space')
    await page.clock.runFor(1000)
    await expect(page.getByRole('alert')).toContainText(
      'Another tab had changed the same meanwhile',
    )
    await page.goto('/coats')
    await page.getByRole('button', { name: 'Files' }).click()
    await page.clock.runFor(1000)
    await page.getByRole('menuitem', { name: 'Work that was put aside (1)' }).click()
    await page.clock.runFor(1000)
    const waiting = page.waitForEvent('download')
    await page.getByRole('button', { name: 'Save as a file' }).click()
    const text = await readFile(await (await waiting).path(), 'utf8')
    expect(text).toBe('{"by":"a tab that never told"}')
    await other.close()
  },
)

test('storage full, refused or broken off: said, nothing lost, and saved once there is room', async ({
  page,
}) => {
  await benchOf(page, 3)
  await go(page)
  await saved(page)
  const fail = (how: 'full' | 'broken off' | '') =>
    page.evaluate((kind) => {
      const put = IDBObjectStore.prototype.put
      const kept = ((window as unknown as { put?: typeof put }).put ??= put)
      IDBObjectStore.prototype.put = !kind
        ? kept
        : function (this: IDBObjectStore, ...given: Parameters<typeof put>) {
            if (kind === 'full') throw new DOMException('the disk is full', 'QuotaExceededError')
            const request = kept.apply(this, given)
            this.transaction.abort()
            return request
          }
    }, how)
  for (const how of ['full', 'broken off'] as const) {
    await fail(how)
    await page.keyboard.press('Space')
    await expect(page.getByRole('status').filter({ hasText: 'Not saved' })).toBeVisible()
    await expect(page.getByRole('alert')).toContainText('save a project file before you close')
    await fail('')
    await page.keyboard.press('Space')
    await saved(page)
  }
  const many = (await left(page))!
  const turn = () => page.locator('.bench').getAttribute('data-turn')
  const at = await turn()
  await page.reload()
  await expect.poll(turn).toBe(at)
  await expect.poll(() => left(page)).toBe(many)

  // A save that was broken off leaves what was saved before, and the journal what was done since.
  await fail('broken off')
  await page.keyboard.press('Space')
  await expect(page.getByRole('status').filter({ hasText: 'Not saved' })).toBeVisible()
  const next = await turn()
  expect(next).not.toBe(at)
  await page.reload()
  await expect.poll(turn).toBe(next)
  await saved(page)
})

test('a browser that gives no storage at all: work goes on and can be taken away', async ({
  page,
}) => {
  await page.addInitScript(() => {
    const refuse = () => {
      throw new DOMException('storage is refused here', 'SecurityError')
    }
    Object.defineProperty(window, 'indexedDB', { get: refuse })
    Storage.prototype.setItem = refuse
  })
  await page.goto('/bench')
  await expect(now(page)).toContainText('Mix')
  let all = NaN
  await expect.poll(async () => (all = (await left(page))!)).toBeGreaterThan(4)
  await expect(page.getByRole('alert')).toContainText(/storage|store/)
  // Four wells are mixed, and the base coat is laid.
  for (let i = 0; i < 5; i++) await page.keyboard.press('Space')
  await expect.poll(() => left(page)).toBe(all - 5)
  await expect(page.getByRole('status').filter({ hasText: 'Not saved' })).toBeVisible()
  await page.getByRole('link', { name: /Leave/ }).click()
  const waiting = page.waitForEvent('download')
  await chooseFile(page, 'Save the project to a file')
  const text = await readFile(await (await waiting).path(), 'utf8')
  expect((JSON.parse(text) as Project).done).toHaveLength(1)
})

again(
  'a large commission comes in and goes out whole: 40 figures, 500 entries, 100 pictures',
  async ({ page }, testInfo) => {
    const { project, photos } = largeCommission()
    const zip = testInfo.outputPath('ferry.zip')
    await writeFile(zip, packCommission({ project, photos, sculpts: new Map() }, nameOf))
    await page.goto('/log')
    await openCommission(page, zip)
    await expect(page.getByText('500 mixes written down')).toBeVisible()
    await saved(page)
    const start = Date.now()
    await page.reload()
    await expect(page.getByText('500 mixes written down')).toBeVisible()
    testInfo.annotations.push({ type: 'opened', description: `${Date.now() - start} ms` })
    await expect(page.getByRole('img', { name: 'Picture of glaze 6' }).first()).toBeVisible()
    await pick(page, 'Story of', 'Figure 7')
    await expect(page.getByRole('listitem')).toHaveCount(13)
    await page.getByText('Compare two sittings').click()
    await expect(page.getByText(/glaze \d+; \d+\.\d apart/).first()).toBeVisible()
    await accessible(page)

    const waiting = page.waitForEvent('download')
    await chooseFile(page, 'Pack the whole commission, with pictures (ZIP)')
    const out = new Uint8Array(await readFile(await (await waiting).path()))
    const reading = unpackCommission(out, new Set(ids))
    if (!reading.ok) throw new Error(JSON.stringify(reading.issues))
    expect(reading.value.project).toEqual(project)
    expect(reading.value.photos).toEqual(photos)

    // What is no packed commission changes nothing.
    await writeFile(zip, out.subarray(0, out.length / 2))
    await openCommission(page, zip)
    await expect(page.getByRole('alert')).toContainText('is no whole zip')
    await expect(page.getByText('500 mixes written down')).toBeVisible()
  },
)
