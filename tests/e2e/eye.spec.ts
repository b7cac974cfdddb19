import { readFile } from 'node:fs/promises'
import { unzipSync } from 'fflate'
import type { Page } from '@playwright/test'
import { store } from '../fixtures/stored'
import { again, accessible, chooseFile, expect, test } from './start'
import { more } from './benchRoom'

const NAMES = [
  ...['Lighter', 'Warmer', 'Redder', 'Greyer', 'In order', 'Breaks the ladder', 'Half-way'],
  ...['In the well', 'One drop more', 'When dry', 'Which skin', 'Same or different'],
]
const next = (page: Page) => page.getByRole('button', { name: 'Next', exact: true })

/** Answers what is asked by keys alone, rightly or not. */
async function byKeys(page: Page, name: string): Promise<void> {
  if (name === 'Half-way' || name === 'Which skin') {
    await page.getByRole('slider').first().focus()
    await page.keyboard.press('ArrowRight')
    await page.getByRole('button', { name: /^It is/ }).focus()
    await page.keyboard.press('Enter')
  } else if (name === 'In order') for (const key of '123456') await page.keyboard.press(key)
  else await page.keyboard.press('3')
}

again(
  'every exercise by keys, with its truth; axe; answers are there after a reload and in the zip',
  async ({ page }) => {
    await page.goto('/eye')
    for (const [i, name] of NAMES.entries()) {
      await page.getByRole('button', { name: `Exercise ${name}` }).focus()
      await page.keyboard.press('Enter')
      const stage = page.getByRole('region', { name, exact: true })
      await expect(stage.getByRole('heading', { level: 2 })).toHaveText(/\S/)
      if (i % 6 === 0) await accessible(page)
      await byKeys(page, name)
      // The truth is told with its number, and the focus is on what comes next.
      await expect(stage.locator('.truth')).toHaveText(/\d/)
      await expect(next(page)).toBeFocused()
      if (i % 6 === 0) await accessible(page)
      await page.keyboard.press('Space')
      await expect(next(page)).toHaveCount(0)
      await page.getByRole('button', { name: 'Stop' }).click()
    }
    await expect(page.getByText(`${NAMES.length} answers so far`)).toBeVisible()
    await page.reload()
    await expect(page.getByText(`${NAMES.length} answers so far`)).toBeVisible()
    const waiting = page.waitForEvent('download')
    await chooseFile(page, 'Pack the whole commission, with pictures (ZIP)')
    const files = unzipSync(new Uint8Array(await readFile((await (await waiting).path())!)))
    const eye = JSON.parse(new TextDecoder().decode(files['eye.json'])) as { answers: unknown[] }
    expect(eye.answers).toHaveLength(NAMES.length)
  },
)

test('ten minutes of what is due, by touch; what the eye sees becomes the tolerance at the bench', async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({
    baseURL,
    hasTouch: true,
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  })
  const page = await context.newPage()
  await page.goto('/eye')
  await expect(page.getByText('0 answers so far')).toBeVisible()
  // An eye that sees 3 ΔE00 edge to edge: always right above it, by guess below.
  const answers = Array.from({ length: 60 }, (_, i) => {
    const level = 3 * (0.6 + (i % 9) / 8)
    return { id: `a${i}`, at: 1e12 + i, skill: 'same', level, right: level > 3 || i % 6 === 0 }
  })
  const eye = { format: 'cobaltfinch-eye', version: 1, answers, settings: {} }
  await store(page, 'eye', JSON.stringify(eye))
  await page.reload()
  await page.getByRole('button', { name: '10 minutes of what is due' }).tap()
  for (let i = 0; i < 6; i++) {
    const choices = page.getByRole('group', { name: 'To choose from' }).getByRole('button')
    const place = page.getByRole('button', { name: /^It is/ })
    await expect(choices.nth(1).or(place).first()).toBeVisible()
    if ((await place.count()) > 0) await place.tap()
    else {
      const many = await choices.count()
      for (let k = 0; k < many && (await next(page).count()) === 0; k++)
        if (await choices.nth(k).isEnabled()) await choices.nth(k).tap()
    }
    await expect(page.locator('.truth')).toHaveText(/\d/)
    await next(page).tap()
  }
  await expect(page.getByText('66 answers so far')).toBeVisible()
  await page.getByRole('button', { name: 'Stop' }).tap()
  await page.getByText('Put right, tell apart and judge by what my eye sees').tap()
  const told = await page.getByText(/Edge to edge you tell/).textContent()
  const seen = Number(/tell ([\d.]+) ΔE00/.exec(told!)![1])
  expect(seen).toBeGreaterThan(2)
  expect(seen).toBeLessThan(4)
  await page.goto('/bench')
  await more(page, 'Figures')
  const off = page.getByRole('spinbutton', { name: /off/i }).first()
  await expect.poll(async () => Number(await off.inputValue())).toBeCloseTo(seen, 5)
  await context.close()
})
