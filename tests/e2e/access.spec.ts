import type { Page } from '@playwright/test'
import { thorough } from '../thorough'
import { everyRoom } from './everyRoom'
import { accessible, expect, test } from './start'

const GROUNDS = ['middle', 'dim', 'light']
const WIDTHS = [1280, 768, 390]

/** Opens a room on a ground, and waits until nothing in it is sought any more. */
async function enter(page: Page, room: string, ground: string, width: number): Promise<void> {
  await page.setViewportSize({ width, height: 844 })
  await page.addInitScript((one) => localStorage.setItem('cobaltfinch-field', one), ground)
  await page.goto(room)
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible()
  await expect(page.getByText(/Looking for|Working out/)).toHaveCount(0)
}

/** What is pressed and smaller than this, px; links within a line of text are left out, as WCAG does. */
const tooSmall = (page: Page, least: number): Promise<string[]> =>
  page.evaluate((least) => {
    const all = `a[href], button, [role=button], [role=checkbox], [role=radio], [role=tab], [role=spinbutton], input`
    const box =
      'label, .el-select__wrapper, .el-input__wrapper, .el-slider__button-wrapper, .el-input-number'
    return [...document.querySelectorAll<HTMLElement>(all)].flatMap((one) => {
      const name = one.getAttribute('aria-label') ?? one.textContent?.trim() ?? ''
      // A place on a drawing is met from beside it; the knob of a slider has room round it that is not its own.
      if (one.closest('[aria-hidden=true], svg, .el-slider')) return []
      if (one.closest('p:not(.links)') && getComputedStyle(one).display === 'inline') return []
      const { width, height } = (one.closest(box) ?? one).getBoundingClientRect()
      if (width === 0 || getComputedStyle(one).visibility === 'hidden') return []
      return Math.min(width, height) < least - 0.5 ? [`${name} ${width}×${height}`] : []
    })
  }, least)

const sideways = (page: Page): Promise<number> =>
  page.evaluate(() => {
    const room = document.querySelector('.room-space')!
    return Math.max(room.scrollWidth - room.clientWidth, document.body.scrollWidth - innerWidth)
  })

// Each room once, on grounds and at widths in turn; with THOROUGH=1 every room on each ground at each width.
const visits = everyRoom.flatMap((room, i) =>
  thorough
    ? GROUNDS.flatMap((ground) => WIDTHS.map((width) => ({ room, ground, width })))
    : [{ room, ground: GROUNDS[i % 3]!, width: WIDTHS[Math.floor(i / 3 + i) % 3]! }],
)
for (const width of WIDTHS) {
  test.describe(`${width} px wide`, () => {
    test.use({ hasTouch: width < 500, isMobile: width < 500 })
    const mine = visits.filter((one) => one.width === width)
    const names = thorough ? 'every room on every ground' : mine.map(({ room }) => room).join(' ')
    test(`${names}: axe, targets, nothing sideways`, async ({ page }) => {
      for (const { room, ground } of mine) {
        await test.step(`${room} on the ${ground} ground`, async () => {
          await enter(page, room, ground, width)
          await accessible(page, true)
          expect(await sideways(page)).toBeLessThanOrEqual(0)
          expect(await tooSmall(page, width < 500 ? 44 : 24)).toEqual([])
          // As narrow as a phone's screen is, or a page at 400 % (WCAG 2.2, 1.4.10).
          await page.setViewportSize({ width: 320, height: 700 })
          await expect.poll(() => sideways(page)).toBeLessThanOrEqual(0)
        })
      }
    })
  })
}

test('twice as large, text set wide, colours of the system, nothing moving: all is there', async ({
  page,
}) => {
  await page.emulateMedia({ forcedColors: 'active', reducedMotion: 'reduce' })
  for (const room of thorough ? everyRoom : ['/ladder', '/coats', '/box']) {
    await test.step(room, async () => {
      // 1280 by 800 at 200 % is half of each in CSS pixels.
      await enter(page, room, 'middle', 640)
      // WCAG 2.2, 1.4.12.
      await page.evaluate(() => {
        const wide = new CSSStyleSheet()
        wide.replaceSync(
          `* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important }
          p { margin-bottom: 2em !important }`,
        )
        document.adoptedStyleSheets = [wide]
      })
      expect(await sideways(page)).toBeLessThanOrEqual(0)
      const cut = await page.evaluate(() =>
        [...document.querySelectorAll<HTMLElement>('main button, main h1, main h2, main label')]
          .filter((one) => getComputedStyle(one).overflow === 'hidden' && !one.closest('.unseen'))
          .filter((one) => one.scrollWidth > one.clientWidth + 1 && one.clientWidth > 0)
          .map((one) => one.textContent),
      )
      expect(cut).toEqual([])
      // Swatches keep the colour that they are about.
      const kept = (): Promise<boolean> =>
        page.evaluate(() =>
          [...document.querySelectorAll<HTMLElement>("main [style*='background']")]
            .slice(0, 200)
            .map((one) => [one.style.backgroundColor, getComputedStyle(one).backgroundColor])
            .every(([given, seen]) => given === seen || given === 'initial' || given === ''),
        )
      await expect.poll(kept).toBe(true)
      const moving = await page.evaluate(() => document.getAnimations().length)
      expect(moving).toBe(0)
    })
  }
})

test('the size of letters that the browser is set to is kept to', async ({ page }) => {
  for (const room of thorough ? everyRoom : ['/ladder', '/bench', '/range']) {
    await enter(page, room, 'middle', 1280)
    const size = () =>
      page.evaluate(() => parseFloat(getComputedStyle(document.querySelector('main h1')!).fontSize))
    const before = await size()
    // A browser set to 24 in the place of 16 makes the root so.
    await page.evaluate(() => (document.documentElement.style.fontSize = '24px'))
    expect(await size(), room).toBeCloseTo(1.5 * before, 1)
    expect(await sideways(page), room).toBeLessThanOrEqual(0)
    const out = await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('nav a')]
        .filter((one) => one.scrollWidth > one.clientWidth + 1)
        .map((one) => one.textContent),
    )
    expect(out, room).toEqual([])
  }
})
