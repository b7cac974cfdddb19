import { readFile, writeFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { neverHolds } from './longTasks'
import { png } from '../fixtures/pictures'
import { again, accessible, expect, give, pick, saved, settled, test } from './start'

const pin = (page: Page) => page.getByRole('button', { name: /^(Skin|Hide): / })
const pinWords = (page: Page) => pin(page).getAttribute('aria-label')
const cheek = (page: Page) =>
  page
    .getByRole('listitem')
    .filter({ hasText: /^Cheek$/ })
    .locator('.patch')
    .evaluate((one) => getComputedStyle(one).backgroundColor)
const picture = { mimeType: 'image/png' }
/** A warm wall with a grey card at the top left and three stripes of skin to the right. */
const portrait = png(300, 200, (x, y) =>
  x < 100
    ? y < 80
      ? [200, 180, 150]
      : [90, 80, 60]
    : x < 160
      ? [110, 66, 44]
      : x < 230
        ? [178, 122, 88]
        : [214, 160, 124],
)

test('people: the pin by mouse and by keys, a starting place, a state; the ladder follows', async ({
  page,
}) => {
  await page.goto('/tone')
  await expect(page.getByRole('link', { name: 'Skin', exact: true })).toHaveAttribute(
    'aria-current',
    'page',
  )
  await accessible(page)
  const before = await cheek(page)
  const field = page.locator('.field')
  const box = (await field.boundingBox())!
  await page.mouse.move(box.x + box.width * 0.5, box.y + box.height * 0.5)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width * 0.2, box.y + box.height * 0.1, { steps: 5 })
  await page.mouse.up()
  await expect(pin(page)).toHaveAttribute('aria-label', /light, melanin/)
  expect(await cheek(page)).not.toBe(before)
  await pin(page).focus()
  for (let i = 0; i < 15; i++) await page.keyboard.press('Shift+ArrowDown')
  await expect(pin(page)).toHaveAttribute('aria-label', /brown|deep/)
  await page.getByRole('button', { name: 'deepest brown' }).click()
  await expect(pin(page)).toHaveAttribute('aria-label', /deep, melanin 43\.0%/)
  const well = await cheek(page)
  await pick(page, 'State', 'dead')
  expect(await cheek(page)).not.toBe(well)
  await page.keyboard.press('Control+z')
  expect(await cheek(page)).toBe(well)
  await saved(page)
  await page.reload()
  await expect(pin(page)).toHaveAttribute('aria-label', /melanin 43\.0%/)
  await page.getByRole('link', { name: 'To the ladder', exact: true }).click()
  await settled(page)
})

again('dragging the pin never holds the page for 50 ms @traced', async ({ page }) => {
  await page.goto('/tone')
  const box = (await page.locator('.field').boundingBox())!
  await page.waitForTimeout(500)
  await neverHolds(page, async () => {
    await page.mouse.move(box.x + 20, box.y + 20)
    await page.mouse.down()
    for (let i = 0; i < 60; i++) await page.mouse.move(box.x + 20 + i * 10, box.y + 20 + i * 5)
    await page.mouse.up()
    await page.getByRole('slider', { name: 'Undertone' }).focus()
    for (let i = 0; i < 20; i++) await page.keyboard.press('ArrowRight')
  })
})

again(
  'hides: what the box cannot mix is said; two alike are set apart, by keyboard too',
  async ({ page }) => {
    await page.goto('/tone')
    await page.getByRole('button', { name: /Kelp drake/ }).click()
    await expect(page.getByText(/paints in use mix \d+% of this field/)).toBeVisible()
    await accessible(page)
    await page.getByRole('slider', { name: 'Chroma' }).focus()
    await page.keyboard.press('End')
    await expect(page.getByText(/Beyond this box/)).toBeVisible()
    await page.getByRole('button', { name: 'yellow-green', exact: true }).press('Enter')
    await expect(page.getByText(/Too like Bog salamander/)).toBeVisible()
    const alike = await pinWords(page)
    await page.getByRole('button', { name: 'Set apart' }).press('Enter')
    await expect(page.getByText('Told apart at a glance')).toBeVisible()
    expect(await pinWords(page)).not.toBe(alike)
    await pin(page).focus()
    await page.keyboard.press('ArrowRight')
    expect(await pinWords(page)).not.toBe(alike)
  },
)

test('from a picture: neutral, lasso, tones and the skin that explains them; by keyboard too', async ({
  page,
}) => {
  await page.goto('/tone/picture')
  await accessible(page)
  // A picture is kept with her already; it stands there first.
  await give(page.getByRole('button', { name: 'Another picture…' }), {
    name: 'portrait.png',
    ...picture,
    buffer: portrait,
  })
  await expect(page.getByText(/No neutral shown/)).toBeVisible()
  // The picture that is kept with her gives way to the one that was opened.
  const frame = page.getByRole('application', { name: /^portrait\.png/ })
  await expect(frame).toBeVisible()
  const box = (await frame.boundingBox())!
  await page.mouse.click(box.x + box.width * 0.15, box.y + box.height * 0.2)
  await expect(page.getByText(/corrected by the neutral/)).toBeVisible()
  await page.getByRole('radio', { name: 'Lasso' }).click()
  const corners = [
    [0.36, 0.05],
    [0.97, 0.05],
    [0.97, 0.95],
    [0.36, 0.95],
  ] as const
  await page.mouse.move(box.x + box.width * 0.36, box.y + box.height * 0.05)
  await page.mouse.down()
  for (const [x, y] of corners)
    await page.mouse.move(box.x + box.width * x, box.y + box.height * y, { steps: 3 })
  await page.mouse.up()
  await pick(page, 'How many', '3')
  await expect(page.getByRole('img', { name: /^Tone 3, \d+%$/ })).toBeVisible()
  await expect(page.getByRole('img', { name: /^Tone 4/ })).toHaveCount(0)
  await accessible(page)
  await page.getByRole('button', { name: /Use as Isaura’s/ }).click()
  await page.getByRole('radio', { name: 'One place' }).click()
  await frame.focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('img', { name: 'The place you clicked' })).toBeVisible()
  await page.getByRole('radio', { name: 'Brush' }).click()
  await page.getByRole('button', { name: 'Choose anew' }).click()
  await frame.focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Choose anew' })).toBeEnabled()
})

again(
  'pictures that are none, broken or too large are refused in words; 40 megapixels never block the page @traced',
  async ({ page }, testInfo) => {
    await page.goto('/tone/picture')
    // The picture that the figure is painted after comes first.
    await expect(page.getByRole('application')).toBeVisible()
    const opener = page.getByRole('button', { name: /Open a picture…|Another picture…/ })
    const offer = (name: string, buffer: Buffer) => give(opener, { name, ...picture, buffer })
    const alert = page.getByRole('alert')
    await offer('notes.png', Buffer.from('red oxide and white'))
    await expect(alert).toContainText('“notes.png” was not opened: this is no picture')
    await offer('cut.png', portrait.subarray(0, 60))
    await expect(alert).toContainText('damaged')
    await page.waitForTimeout(300)
    // By path: a file handed over as bytes would itself hold the page while it is unpacked.
    const wall = testInfo.outputPath('wall.png')
    await writeFile(
      wall,
      png(8000, 5000, (x, y) => [180 - (x >> 7), 130 - (y >> 7), 100]),
    )
    await neverHolds(page, async () => {
      await give(opener, wall)
      await page.waitForTimeout(400)
      await expect(page.getByRole('application')).toBeVisible({ timeout: 30_000 })
      await expect(page.getByText(/tones, dark to light/)).toBeVisible()
    })
    await offer(
      'huge.png',
      png(9000, 7500, () => [1, 1, 1]),
    )
    await expect(alert).toContainText('68 megapixels; up to 64')
  },
)

again(
  'by number and by reading; tones are kept, saved, dropped and opened again',
  async ({ page }) => {
    await page.goto('/tone/number')
    const numbers = page.getByLabel('A colour in numbers')
    await numbers.fill('61 14')
    await expect(page.getByRole('alert')).toContainText('three numbers are needed')
    await numbers.fill('lch 61 22 50')
    await expect(page.getByText(/a\* 14\.1, b\* 16\.9/)).toBeVisible()
    await page.getByRole('button', { name: 'Aim Isaura at this colour' }).click()
    await expect(page.getByText('61 / 14 / 17')).toBeVisible()
    const cgats =
      'CGATS.17\nILLUMINANT "D65"\nBEGIN_DATA_FORMAT\nSAMPLE_NAME LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\ncheek 55 16 18\nEND_DATA\n'
    const readings = page.getByRole('button', { name: 'Readings from a CGATS file…' })
    await give(readings, {
      name: 'r.txt',
      mimeType: 'text/plain',
      buffer: Buffer.from(cgats.replace('16', '16,5')),
    })
    await expect(page.getByRole('alert')).toContainText('line 7, LAB_A: "16,5" has a decimal comma')
    await give(readings, {
      name: 'r.txt',
      mimeType: 'text/plain',
      buffer: Buffer.from(cgats),
    })
    await page.getByRole('button', { name: 'cheek' }).click()
    await page.getByRole('button', { name: 'Use the nearest skin' }).click()

    await page.getByLabel('Name of the tone').fill('<b>cheek</b>')
    await page.getByRole('button', { name: 'Keep', exact: true }).click()
    await expect(page.getByRole('button', { name: '<b>cheek</b>', exact: true })).toBeVisible()
    const waiting = page.waitForEvent('download')
    await page.getByRole('button', { name: 'Save to a file' }).click()
    const file = await readFile((await (await waiting).path())!)
    await page.getByRole('button', { name: 'Let go of <b>cheek</b>' }).click()
    const opener = page.getByRole('button', { name: 'Open a file…' })
    const tones = { name: 't.json', mimeType: 'application/json' }
    await give(opener, { ...tones, buffer: file.subarray(0, 90) })
    await expect(page.getByRole('alert')).toContainText('“t.json” was not opened')
    await give(opener, { ...tones, buffer: file })
    await page.getByRole('button', { name: /Old Bram/ }).click()
    await page.getByRole('button', { name: '<b>cheek</b>', exact: true }).click()
    await accessible(page)
    await page.setViewportSize({ width: 390, height: 844 })
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  },
)
