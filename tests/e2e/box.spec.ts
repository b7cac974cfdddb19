import { readFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import {
  cardLayout,
  formatBox,
  hexOfLab,
  labOf,
  recordOf,
  filmReflectance,
  flatSpectrum,
  starterPaints,
} from '../../core'
import { neverHolds } from './longTasks'
import { png } from '../fixtures/pictures'
import { again, accessible, expect, give, pick, saved, test, tick } from './start'

const strips = (page: Page) =>
  page.getByRole('listitem').filter({ has: page.getByRole('checkbox') })
const find = (page: Page, words: string) =>
  page.getByRole('searchbox', { name: 'Name or pigment' }).fill(words)

/** Three hundred bottles made of the starter paints. */
const many = formatBox({
  paints: Array.from({ length: 300 }, (_, i) => ({
    ...recordOf(starterPaints[i % starterPaints.length]!),
    id: `bottle-${i}`,
    name: `bottle ${i}`,
    origin: 'calibrated' as const,
  })),
  bottles: { 'bottle-7': { ml: 17, leftMl: 1 } },
})

test('find a paint, put it in the plan and read how to handle it, by keyboard', async ({
  page,
}) => {
  await page.goto('/box')
  await accessible(page)
  await find(page, 'umber')
  await expect(strips(page)).toHaveCount(2)
  const umber = page.getByRole('button', { name: 'burnt umber', exact: true })
  await umber.focus()
  await page.keyboard.press('Enter')
  const detail = page.getByRole('region', { name: 'About burnt umber' })
  await expect(detail).toContainText('Contains manganese')
  await expect(detail.getByText(/raw umber .*off by/).first()).toBeVisible()
  await expect(detail.getByText(/\d .* is off by/).first()).toBeVisible()
  await accessible(page)
  await page.keyboard.press('Space')
  await expect(page.getByText('13 of 39 paints in use')).toBeVisible()
  await detail.getByText('Bottle', { exact: true }).click()
  await detail.getByLabel('Left, ml').fill('2')
  await detail.getByLabel('Bottle, ml').fill('20')
  await detail.getByLabel('Lives in').fill('<i>top drawer</i>')
  await page.keyboard.press('Tab')
  await saved(page)
  await page.reload()
  await tick(page, 'nearly empty')
  await expect(strips(page)).toHaveCount(1)
  await page.getByRole('button', { name: 'burnt umber', exact: true }).click()
  await expect(page.getByLabel('Lives in')).toHaveValue('<i>top drawer</i>')
})

test('the card is printed, and a photograph of it gives its wells', async ({ page }) => {
  await page.goto('/box/card')
  await accessible(page)
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save the card (PDF)' }).click()
  expect((await readFile((await (await waiting).path())!)).subarray(0, 5).toString()).toBe('%PDF-')

  const { CARD_WIDTH_MM, CARD_HEIGHT_MM, greyBoxes, greySteps, halvesOf, PAPER, wells } = cardLayout
  const [width, height] = [900, 600]
  const screen = (r: number) =>
    Math.round(255 * (r <= 0.0031308 ? 12.92 * r : 1.055 * r ** (1 / 2.4) - 0.055) * 0.98)
  const bytes = (hex: string): [number, number, number] =>
    [1, 3, 5].map((i) => Math.round(parseInt(hex.slice(i, i + 2), 16) * 0.98)) as [
      number,
      number,
      number,
    ]
  const drawn = wells.map((_, i) => {
    const film = (over: number) =>
      bytes(
        hexOfLab(
          labOf(
            filmReflectance(starterPaints[5 + i]!, { thicknessUm: 20, over: flatSpectrum(over) }),
          ),
        ),
      )
    return { black: film(0.04), white: film(PAPER) }
  })
  const inside = (
    x: number,
    y: number,
    box: { x: number; y: number; width: number; height: number },
  ) => x >= box.x && x < box.x + box.width && y >= box.y && y < box.y + box.height
  const paper = screen(PAPER)
  const photograph = png(width, height, (px, py) => {
    const x = ((px / width - 0.1) / 0.8) * CARD_WIDTH_MM
    const y = ((py / height - 0.1) / 0.8) * CARD_HEIGHT_MM
    const step = greyBoxes.findIndex((box) => inside(x, y, box))
    if (step >= 0)
      return [screen(greySteps[step]!), screen(greySteps[step]!), screen(greySteps[step]!)]
    const well = wells.findIndex((box) => inside(x, y, box))
    if (well < 0) return [paper, paper, paper]
    return inside(x, y, halvesOf(wells[well]!).black) ? drawn[well]!.black : drawn[well]!.white
  })
  await give(page.getByRole('button', { name: 'Open the photograph…' }), {
    name: 'card.png',
    mimeType: 'image/png',
    buffer: photograph,
  })
  const corner = page.getByRole('button', { name: /^Upper left corner/ })
  await corner.focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowLeft')
  await expect(page.getByRole('img', { name: 'Well 10 over white' })).toBeVisible()
  await accessible(page)
  await page.getByLabel('Name of well 1', { exact: true }).fill('Ochre from the card')
  await page.getByRole('button', { name: 'Add well 1', exact: true }).click()
  await expect(page.getByText(/Ochre from the card is in the box/)).toBeVisible()
})

again(
  'three hundred bottles: opened, filtered and scrolled; bad files change nothing @traced',
  async ({ page }) => {
    await page.goto('/box')
    const offer = (name: string, text: string) =>
      give(page.getByRole('button', { name: 'Open a box file…' }), {
        name,
        mimeType: 'text/plain',
        buffer: Buffer.from(text),
      })
    await offer('cut.json', many.slice(0, 5000))
    await expect(page.getByRole('alert')).toContainText('Your box is as it was')
    await offer('odd.json', many.replace('"kind": "paint"', '"kind": "soup"'))
    await expect(page.getByRole('alert')).toContainText('paints[0].kind: is no kind')
    await expect(page.getByText('of 39 paints in use')).toBeVisible()
    await offer('many.json', many)
    await expect(page.getByText('of 339 paints in use')).toBeVisible()
    expect(await strips(page).count()).toBeLessThan(60)
    await saved(page)
    await page.reload()
    await expect(page.getByText('of 339 paints in use')).toBeVisible()
    await page.waitForTimeout(500)
    // By plain selectors: looking things up by role would itself hold the page.
    const words = page.locator('input[type=search]')
    await neverHolds(page, async () => {
      await words.fill('')
      await pick(page, 'Hue', 'green')
      await pick(page, 'Hue', 'every hue')
      await page.locator('[data-paint]').first().focus()
      for (let i = 0; i < 12; i++) await page.keyboard.press('ArrowDown')
      await page.mouse.move(500, 500)
      for (let i = 0; i < 10; i++) await page.mouse.wheel(0, 400)
      await words.fill('bottle 299')
      await page.waitForTimeout(300)
    })
    await expect(strips(page)).toHaveCount(1)
    await page.setViewportSize({ width: 390, height: 844 })
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  },
)
