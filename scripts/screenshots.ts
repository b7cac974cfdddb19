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

/** Four mixes read with the demo's stand-in for a reader, and what they say. */
async function taught(page: Page): Promise<void> {
  const form = page.getByRole('form', { name: 'Measure' })
  for (let n = 0; n < 4; n++) {
    await page.getByRole('heading', { level: 1 }).click()
    await page.keyboard.press('m')
    await form.getByText('With the reader').click()
    await form.getByRole('button', { name: /^Read it with/ }).click()
    await form.getByText(/read by the/).waitFor()
    await form.getByRole('button', { name: 'Write it down' }).click()
    await form.waitFor({ state: 'detached' })
    await page.getByRole('heading', { level: 1 }).click()
    await page.keyboard.press(' ')
  }
  await page.getByRole('link', { name: 'Log', exact: true }).click()
  await page.getByRole('button', { name: 'See what they say' }).click()
  await page.getByText(/ladders? changes?\.$/).waitFor()
}

const figure = (page: Page, name: string) => page.getByRole('button', { name }).first().click()

/** Each by its name: where it is, and what is done there first. */
const shots: Readonly<Record<string, { at: string; first?: (page: Page) => Promise<unknown> }>> = {
  shelf: { at: '/' },
  range: { at: '/range' },
  'range-across': { at: '/range?show=across' },
  figures: { at: '/figures' },
  box: { at: '/box' },
  'add-paint': { at: '/box/add' },
  'tone-skin': { at: '/tone/skin' },
  'tone-hide': { at: '/tone/hide' },
  ladder: { at: '/ladder' },
  'ladder-form': {
    at: '/ladder?show=form',
    first: (page) => page.getByText('feathered', { exact: true }).click(),
  },
  'form-creature': {
    at: '/ladder?show=form',
    first: async (page) => {
      await figure(page, 'Brine imp')
      const form = page.getByRole('combobox', { name: 'Form', exact: true })
      await form.focus()
      await form.press('Enter')
      await page.getByRole('option', { name: 'tusked head' }).first().click()
      await page.locator('.room-space').evaluate((room) => room.scrollTo(0, 0))
    },
  },
  recipe: { at: '/ladder/light' },
  coats: {
    at: '/coats',
    first: (page) => page.getByRole('button', { name: /^Near the lightest/ }).click(),
  },
  accents: { at: '/accents' },
  bench: { at: '/bench' },
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
for (const [name, { at, first }] of Object.entries(shots)) {
  if (wanted.length > 0 && !wanted.includes(name)) continue
  const context = await browser.newContext({
    baseURL,
    viewport: { width: 1280, height: 800 },
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
