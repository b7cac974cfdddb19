import type { Page } from '@playwright/test'
import { again, expect, saved, settled, test } from './start'
import { go, left, now } from './benchRoom'
import { many } from '../thorough'

async function chooseFigure(page: Page, name: string): Promise<void> {
  await page.goto('/ladder')
  await settled(page)
  if (!(await page.getByRole('heading', { level: 1 }).innerText()).includes(name))
    await page.getByRole('button', { name: new RegExp(name) }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText(name)
  await settled(page)
  await page.getByRole('link', { name: 'Coats', exact: true }).click()
}

/** Starts from a method; how far its end is from the ladder is said, in shadow, middle and light. */
async function start(page: Page, method: string, byKeys: boolean): Promise<void> {
  const line = page.locator('.methods').getByRole('button', { name: method })
  const begin = page.getByRole('button', { name: 'Start from it' })
  if (byKeys) {
    await line.focus()
    await page.keyboard.press('Enter')
    await begin.focus()
    await page.keyboard.press('Enter')
  } else {
    await line.click()
    await begin.click()
  }
  await expect(line.locator('.line')).toHaveClass(/here/)
  await expect(page.getByText(/It ends/)).toHaveText(/(\d+\.\d) .*?(\d+\.\d) .*?(\d+\.\d)/s)
}

/** From the first move to the last, each with what it is painted from and where. */
async function carry(page: Page): Promise<string[]> {
  await page.getByRole('link', { name: 'Bench', exact: true }).click()
  const moves: string[] = []
  for (let n = 0; n < 90; n++) {
    await expect.poll(() => left(page)).toBeGreaterThanOrEqual(0)
    if ((await left(page)) === 0) return moves
    const text = await now(page).innerText()
    expect(text).toMatch(/drops?\b|touch|is open|leave it|[\d½] /)
    if (!/\nMix /.test(text)) {
      expect(text).toMatch(/thin pass|even coat|varnish|point of light|leave it/)
      moves.push(await page.getByRole('heading', { level: 1 }).innerText())
    }
    await go(page)
  }
  throw new Error(`it never ends: ${moves.join(', ')}`)
}

/** Ways of working (common practice, no source): figure, method, by keys or by mouse, moves that have to be among them. */
const ways = [
  ['Isaura', 'Half-and-half climb', false, /^Glaze of/],
  ['Tunde', 'Dark skin over-lit', true, /Glaze of life: Lower lip/],
  ['Old Bram', 'Base, wash, restore', false, /^Wash of/],
  ['Bog salamander', 'Quick hide', true, /^Wash of/],
  ['Drowned bosun', 'Dead flesh', true, /^Glaze of/],
] as const

for (const [figure, method, byKeys, among] of ways.slice(0, many(5, 1)))
  test(`${method} on ${figure}, from the first move to the last, by ${byKeys ? 'keys' : 'mouse'}`, async ({
    page,
  }) => {
    test.setTimeout(90_000)
    await chooseFigure(page, figure)
    await start(page, method, byKeys)
    await saved(page)
    const moves = await carry(page)
    expect(moves.length).toBeGreaterThan(4)
    expect(moves.some((move) => among.test(move))).toBe(true)
    await saved(page)
    await page.reload()
    await expect(page.getByText('All moves are done.')).toBeVisible()
  })

test.describe('with forms', () => {
  test.use({ forms: true })
  test('a glaze is kept to the deepest recesses, a coat to what is pressed on the form', async ({
    page,
  }) => {
    await chooseFigure(page, 'Isaura')
    await start(page, 'Half-and-half climb', true)
    const rows = page.getByRole('region', { name: 'Coats' }).getByRole('listitem')
    const slot = rows.nth(3).getByRole('button', { name: /^Where coat 4 goes/ })
    await slot.focus()
    await page.keyboard.press('Enter')
    const dialog = page.getByRole('dialog')
    const told = dialog.getByRole('status')
    await expect(told).toContainText('on the lights')
    for (const light of ['lights', 'glints'])
      await dialog.getByRole('checkbox', { name: light, exact: true }).press('Space')
    await dialog.getByRole('checkbox', { name: 'deepest recesses' }).press('Space')
    await expect(told).toHaveText(/^in the deepest recesses, about \d+% of the skin ?$/)
    await page.keyboard.press('Escape')
    await expect(slot).toHaveText('in the deepest recesses')
    await expect(page.locator('figcaption', { hasText: 'deepest recesses' })).toBeVisible()

    // By pointing: what is pressed on the form is meant.
    await rows
      .nth(1)
      .getByRole('button', { name: /^Where coat 2 goes/ })
      .click()
    const before = await told.innerText()
    const form = dialog.getByRole('img', { name: /painted with this ladder/ })
    await expect(form).toBeVisible()
    const box = (await form.boundingBox())!
    await expect
      .poll(async () => {
        await page.mouse.click(box.x + 0.42 * box.width, box.y + 0.8 * box.height)
        return told.innerText()
      })
      .not.toBe(before)
    await dialog.getByRole('button', { name: 'All over' }).click()
    await expect(told).toContainText('all over, about 100% of the skin')
    await page.keyboard.press('Escape')
    await expect(dialog).toBeHidden()

    // The form is painted so far as one asks.
    const whole = page.getByRole('img', { name: /painted with this ladder/ })
    const so = page.getByRole('slider', { name: 'Painted so far' })
    await expect(so).toHaveAttribute('aria-valuetext', 'finished')
    const finished = await whole.screenshot()
    await so.press('Home')
    await expect(so).toHaveAttribute('aria-valuetext', 'the bare undercoat')
    await expect.poll(async () => (await whole.screenshot()).equals(finished)).toBe(false)
    await so.press('ArrowRight')
    await expect(so).toHaveAttribute('aria-valuetext', 'coat 1 of 8, base coat')
  })
})

again(
  'methods are started and carried to the end in the browser, one after another',
  async ({ page }) => {
    test.setTimeout(900_000)
    await chooseFigure(page, 'Isaura')
    const lines = page.locator('.methods .line')
    await expect(lines).toHaveCount(27)
    const names = (await lines.allInnerTexts()).map((text) => text.trim().split('\n')[0]!)
    for (const name of names) {
      await page.getByRole('link', { name: 'Coats', exact: true }).click()
      await start(page, name, false)
      expect((await carry(page)).length, name).toBeGreaterThan(0)
    }
  },
)
