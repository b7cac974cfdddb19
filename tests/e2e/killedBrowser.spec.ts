import { chromium } from '@playwright/test'
import type { Page } from '@playwright/test'
import { mkdtempSync, rmSync } from 'node:fs'
import { readFile, readdir } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { seeded } from '../../core/numbers/seeded'
import { thorough } from '../thorough'
import { expect, test } from './start'

/** Nothing older than this is lost where every process of a browser is killed, ms (docs/reliability.md). */
const OLDER_MS = 500
const KILLS = Number(process.env.KILLS ?? (thorough ? 100 : 1))

/** Something that goes on being changed: each step leaves a value that the page shows and that is read again. */
interface Change {
  room: string
  /** `kill` tells what is typed before one kill from what was typed before another. */
  begin?: (page: Page, kill: number) => Promise<void>
  step: (page: Page, n: number, kill: number) => Promise<void>
  read: (page: Page) => Promise<string>
}
const note = (page: Page) => page.getByLabel('Note', { exact: true })
const many = (page: Page) => page.getByLabel('How many of it')
const slider = (page: Page) => page.getByRole('slider', { name: 'How far it turns' })
const drops = (page: Page) =>
  page.getByRole('spinbutton', { name: 'titanium white in Glint, drops' })
const figures = (page: Page) => page.getByRole('list', { name: 'Figures' }).getByRole('button')
const called = (page: Page) => page.getByRole('textbox', { name: 'Name', exact: true })
const valueOf = async (at: ReturnType<typeof slider>) =>
  (await at.getAttribute('aria-valuenow')) ?? (await at.inputValue())

/** One way, and the other way before the next kill: no value is told twice before one kill, nor the one of before it. */
const oneWay = (more: string, less: string): Pick<Change, 'step'> => ({
  step: (page, _, kill) => page.keyboard.press(kill % 2 ? less : more),
})

const changes: Record<string, Change> = {
  'a word': {
    room: '/figures',
    begin: (page, kill) => note(page).fill(`${kill} `),
    step: (page, n) => page.keyboard.type('abcdefghij'[n % 10]!),
    read: (page) => note(page).inputValue(),
  },
  'a slider': {
    room: '/ladder',
    begin: (page, kill) => slider(page).press(kill % 2 ? 'End' : 'Home'),
    ...oneWay('ArrowRight', 'ArrowLeft'),
    read: (page) => valueOf(slider(page)),
  },
  drops: {
    room: '/ladder',
    begin: (page) => drops(page).focus(),
    ...oneWay('+', '-'),
    read: (page) => valueOf(drops(page)),
  },
  'a number': {
    room: '/figures',
    step: async (page, n) => {
      await many(page).fill(String(1 + (n % 400)))
      await many(page).press('Enter')
    },
    read: (page) => many(page).inputValue(),
  },
  'the order of figures': {
    room: '/figures',
    begin: (page) => figures(page).first().focus(),
    step: (page, n) => page.keyboard.press(n % 16 < 8 ? 'Alt+ArrowDown' : 'Alt+ArrowUp'),
    read: async (page) => (await figures(page).allInnerTexts()).join(),
  },
  'a form that is half filled in': {
    room: '/box/add',
    begin: (page, kill) => called(page).fill(`${kill} `),
    step: async (page, n) => {
      await page.keyboard.type('abcdefghij'[n % 10]!)
      // A name has eighty letters at most.
      await page.waitForTimeout(30)
    },
    read: (page) => called(page).inputValue(),
  },
}

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

/**
 * Kills a browser again and again while something is changed, and opens it again each time; how old the newest change is
 * that was lost each time, ms: 0 where none was.
 */
async function killedIn(
  { room, begin, step, read }: Change,
  forMs: readonly number[],
  baseURL: string | undefined,
): Promise<number[]> {
  const dir = mkdtempSync(join(tmpdir(), 'killed-'))
  const open = async () => {
    const browser = await chromium.launchPersistentContext(dir, {
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu'],
      serviceWorkers: 'block',
      baseURL,
    })
    const page = await browser.newPage()
    await page.goto(room)
    await read(page)
    return { browser, page }
  }
  let { browser, page } = await open()
  const lost: number[] = []
  for (const [kill, ms] of forMs.entries()) {
    await page.waitForTimeout(800)
    await begin?.(page, kill)
    const told: { at: number; value: string }[] = []
    for (let n = 0, start = Date.now(); Date.now() < start + ms; n++) {
      await step(page, n, kill)
      const value = await read(page)
      if (value !== told.at(-1)?.value) told.push({ at: Date.now(), value })
    }
    const killedAt = Date.now()
    for (const id of await processesOf(dir)) process.kill(id, 'SIGKILL')
    await browser.close().catch(() => undefined)
    ;({ browser, page } = await open())
    // What is told at once may be of before; what the database has newer comes a moment later.
    await expect
      .poll(() => read(page), { timeout: 3000 })
      .toBe(told.at(-1)?.value)
      .catch(() => undefined)
    const value = await read(page)
    expect(told.length).toBeGreaterThan(1)
    const kept = told.findLastIndex((one) => one.value === value)
    // The first change after the last that was kept is the oldest that was lost.
    lost.push(kept === told.length - 1 ? 0 : killedAt - told[kept + 1]!.at)
    if (lost.at(-1)) console.log(`kill ${kill + 1}: ${lost.at(-1)} ms, found ${value}`)
  }
  await browser.close()
  rmSync(dir, { recursive: true, force: true })
  return lost
}

for (const [name, change] of Object.entries(changes).slice(0, KILLS > 1 ? undefined : 1))
  test(`a browser that is killed in the middle of ${name}, ${KILLS} times`, async ({ baseURL }) => {
    test.setTimeout(60_000 + KILLS * 30_000)
    const random = seeded(20261201)
    const forMs = Array.from({ length: KILLS }, () => 1000 + random() * 1000)
    const lost = await killedIn(change, forMs, baseURL)
    const some = lost.filter((ms) => ms > 0).sort((one, other) => other - one)
    console.log(`${name}: ${KILLS} kills, ${some.length} lost something: ${some.join(', ')} ms`)
    expect(lost.filter((ms) => ms > OLDER_MS)).toEqual([])
  })
