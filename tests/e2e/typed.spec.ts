import { mkdtempSync } from 'node:fs'
import { readFile, readdir } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import type { Page } from '@playwright/test'
import { seeded, unpackCommission } from '../../core'
import { thorough } from '../thorough'
import { ids } from './marshPatrol'
import { expect, saved, test } from './start'

const note = (page: Page) => page.getByLabel('Note', { exact: true })

/** Types into the note and does not leave it. */
async function type(page: Page, words: string): Promise<void> {
  await note(page).fill('')
  await note(page).pressSequentially(words)
  await expect(note(page)).toBeFocused()
}

test('what is typed is kept before the field is left: reload, another address, a packed file, another tab', async ({
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

/** Nothing older than this is lost where every process of a browser is killed, ms (docs/reliability.md). */
const OLDER_MS = 500
const KILLS = thorough ? 100 : 1

/** Processes that were begun with a folder of their own, by what the system says of each. */
async function processesOf(dir: string): Promise<number[]> {
  const all = (await readdir('/proc')).map(Number).filter((id) => id > 0 && id !== process.pid)
  const told = await Promise.all(
    all.map(
      async (id) => [id, await readFile(`/proc/${id}/cmdline`, 'utf8').catch(() => '')] as const,
    ),
  )
  return told.flatMap(([id, line]) => (line.includes(dir) ? [id] : []))
}

test(`a browser that is killed in the middle of a word, ${KILLS} times`, async ({ baseURL }) => {
  test.setTimeout(60_000 + KILLS * 30_000)
  const random = seeded(20261201)
  const lost: string[] = []
  for (let kill = 0; kill < KILLS; kill++) {
    const dir = mkdtempSync(join(tmpdir(), 'killed-'))
    const open = () =>
      chromium.launchPersistentContext(dir, {
        executablePath: '/usr/bin/chromium',
        args: ['--no-sandbox', '--disable-gpu'],
        serviceWorkers: 'block',
        baseURL,
      })
    const before = await open()
    const page = await before.newPage()
    await page.goto('/figures')
    await note(page).fill('')
    const typed: { at: number; words: string }[] = []
    const stopAt = Date.now() + 1500 + Math.floor(random() * 1500)
    for (let words = ''; Date.now() < stopAt;) {
      const letter = 'abcdefghij'[words.length % 10]!
      await page.keyboard.type(letter)
      typed.push({ at: Date.now(), words: (words += letter) })
    }
    const killedAt = Date.now()
    for (const id of await processesOf(dir)) process.kill(id, 'SIGKILL')
    await before.close().catch(() => undefined)
    const after = await open()
    const again = await after.newPage()
    await again.goto('/figures')
    const value = await note(again).inputValue()
    const must = typed.filter(({ at }) => at < killedAt - OLDER_MS).at(-1)!
    if (value.length < must.words.length) lost.push(`kill ${kill}: “${value}” for “${must.words}”`)
    await after.close()
  }
  expect(lost).toEqual([])
})
