import { chromium } from '@playwright/test'
import type { Page } from '@playwright/test'
import type { AddressInfo } from 'node:net'
import { createApp } from '../server/app'
import { closeWith } from '../server/closing'
import { ferrywoman, showCritic } from '../tests/fixtures/judged'

/** Takes the pictures of `docs/screenshots` from the demo, as built: `npm run build && npm run screenshots [name …]`. */
const TO = 'docs/screenshots'

const still = async (page: Page): Promise<void> => {
  await page.locator('h1').first().waitFor()
  await page.waitForFunction(
    () =>
      !/Looking for|Working out|Mixing…| of \d+…/.test(
        document.querySelector('main')?.innerText ?? '',
      ),
    undefined,
    { timeout: 90_000 },
  )
  await page.waitForTimeout(1500)
}

async function judged(page: Page): Promise<void> {
  const choosing = page.waitForEvent('filechooser')
  await page.getByText('Open a picture…').click()
  const buffer = ferrywoman('too flat')
  await (await choosing).setFiles({ name: 'flat.png', mimeType: 'image/png', buffer })
  await showCritic(page, 'flat.png')
  await page.getByRole('button', { name: 'Write it into the story' }).click()
  await page.locator('h1').first().scrollIntoViewIfNeeded()
}

/** So many turns at the bench, each once it is known. */
async function turns(page: Page, many: number, at: (title: string) => Promise<unknown>) {
  for (let n = 0; n < many; n++) {
    const turn = await page.locator('.bench[data-turn]').getAttribute('data-turn')
    await at(await page.locator('h1').first().innerText())
    await page.keyboard.press('Escape')
    await page.keyboard.press(' ')
    await page.waitForFunction(
      (was) => document.querySelector('.bench')?.getAttribute('data-turn') !== was,
      turn,
    )
  }
}

/** Mixes read with the demo's stand-in for a reader, and what they say. */
async function taught(page: Page): Promise<void> {
  const form = page.getByRole('form', { name: 'Measure' })
  await turns(page, 11, async (title) => {
    if (!title.startsWith('Mix ') || title.endsWith('let down')) return
    await page.keyboard.press('m')
    await form.getByText('With the reader').click()
    await form.getByRole('button', { name: /^Read it with/ }).click()
    await form.getByText(/read by the/).waitFor()
    await form.getByRole('button', { name: 'Write it down' }).click()
    await form.waitFor({ state: 'detached' })
  })
  await page.getByRole('link', { name: /Leave/ }).click()
  await page.getByRole('link', { name: 'Log', exact: true }).click()
  await page.getByRole('button', { name: 'See what they say' }).click()
  await page.getByText(/ladders? changes?\.$/).waitFor()
}

/** An evening of three, so many turns on. */
const evening = (many: number) => async (page: Page) => {
  await page.getByRole('button', { name: 'Paint another alongside' }).click()
  const others = page.getByRole('group', { name: 'Painted alongside' })
  for (const name of [/^Old Bram/, /^Kelp drake/])
    await others.getByRole('button', { name }).click()
  await page.getByRole('button', { name: 'Close', exact: true }).click()
  await page.getByText(/^[3-9]\d moves left/).waitFor()
  await turns(page, many, () => Promise.resolve())
}

interface Shot {
  at: string
  size?: { width: number; height: number }
  first?: (page: Page) => Promise<unknown>
}
/** Each by its name: where it is, and what is done there first. */
const shots: Readonly<Record<string, Shot>> = {
  shelf: { at: '/' },
  range: { at: '/range' },
  'line-up': {
    at: '/range?show=line',
    first: (page) =>
      page
        .getByRole('img', { name: /as a painted form/ })
        .nth(8)
        .waitFor(),
  },
  figures: { at: '/figures' },
  box: { at: '/box' },
  'tone-skin': { at: '/tone/skin' },
  'tone-hide': { at: '/tone/hide' },
  ladder: { at: '/ladder' },
  'ladder-form': { at: '/ladder?show=form' },
  'form-creature': { at: '/ladder?show=form&figure=kelp-drake' },
  recipe: { at: '/ladder/light' },
  coats: {
    at: '/coats',
    first: (page) => page.getByRole('button', { name: /^Near the lightest/ }).click(),
  },
  accents: {
    at: '/accents',
    first: async (page) => {
      for (const name of [/^Lower lip/, /^Cheek/, /^Eye, the white of it/])
        await page.getByRole('checkbox', { name }).first().press('Space')
    },
  },
  bench: { at: '/bench', first: evening(14) },
  'bench-tablet': {
    at: '/bench',
    size: { width: 768, height: 1024 },
    first: async (page) => {
      await evening(5)(page)
      await page.keyboard.press('r')
    },
  },
  log: { at: '/bench', first: taught },
  critic: { at: '/log?show=critic', first: judged },
  eye: {
    at: '/eye',
    first: async (page) => {
      await page.getByRole('button', { name: 'Exercise Lighter' }).click()
      await page.keyboard.press('2')
    },
  },
}

const server = createApp('dist').listen(0)
await new Promise((resolve) => server.once('listening', resolve))
const baseURL = `http://localhost:${(server.address() as AddressInfo).port}`
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
})
const wanted = process.argv.slice(2)
for (const [name, { at, size, first }] of Object.entries(shots)) {
  if (wanted.length > 0 && !wanted.includes(name)) continue
  const context = await browser.newContext({
    baseURL,
    viewport: size ?? { width: 1280, height: 800 },
    serviceWorkers: 'block',
  })
  const page = await context.newPage()
  await page.goto(at)
  await still(page)
  try {
    await first?.(page)
    await still(page)
  } catch (error) {
    console.error(`${name}: ${(error as Error).message.split('\n')[0]!}`)
  }
  await page.screenshot({ path: `${TO}/${name}.png` })
  await context.close()
}
await browser.close()
await closeWith(server)
