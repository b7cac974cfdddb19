import { formatBox, recordOf, starterPaints } from '../../core'
import { neverHolds } from './longTasks'
import { colourFromPicture } from '../fixtures/pictures'
import { again, accessible, expect, give, openLadder, pick, saved, test, tick } from './start'

test('a step’s recipe: proved, alternatives taken, drops by hand, wishes held, all by keyboard', async ({
  page,
}) => {
  await openLadder(page)
  // The threads of the search share memory.
  expect(await page.evaluate(() => crossOriginIsolated)).toBe(true)
  await page.getByRole('link', { name: 'Half-shade', exact: true }).press('Enter')
  await expect(page.getByText(/Proved: nothing within these limits is closer/)).toBeVisible()
  await expect(page.getByText('Closest', { exact: true })).toBeVisible()
  const items = page
    .getByRole('listitem')
    .filter({ has: page.getByRole('button', { name: 'Take it' }) })
  await expect(async () => expect(await items.count()).toBeGreaterThan(1)).toPass()
  await accessible(page)
  const now = page.getByRole('region', { name: 'The recipe now' })
  await items.nth(1).getByRole('button', { name: 'Take it' }).press('Enter')
  const mix = now.getByRole('img', { name: 'Painted' })
  const colour = () => mix.evaluate((one) => getComputedStyle(one).backgroundColor)
  const before = await colour()
  await now
    .getByRole('button', { name: /^Add a drop of/ })
    .last()
    .press('Enter')
  expect(await colour()).not.toBe(before)
  await saved(page)
  await pick(page, 'With', 'ultramarine')
  await expect(items.first()).toContainText('ultramarine')
  await tick(page, 'no paint with a hazard word')
  await tick(page, 'holds under warm lamp and cabinet tube')
  await expect(page.getByText(/Proved/)).toBeVisible()
  await page.getByRole('button', { name: 'Which paint would help most?' }).click()
  await expect(page.getByText(/would bring it to|No starter pigment/)).toBeVisible({
    timeout: 20_000,
  })
})

test('a well that looks wrong is put right, by words, by numbers and by the reader', async ({
  page,
}) => {
  await page.goto('/ladder/base')
  await expect(page.getByText(/Proved/)).toBeVisible()
  const ways = page.getByRole('list', { name: 'Ways to put it right' })
  await tick(page, 'too dark')
  await expect(ways.getByRole('listitem').first()).toContainText(/add \d/)
  await page.getByLabel('Room for').fill('16')
  await page.getByLabel('or as numbers').fill('48 10 24')
  await expect(ways.getByRole('listitem').first()).toBeVisible()
  await colourFromPicture(page, 'the well', [120, 84, 60])
  // Its grey shows what is neutral and how bright the light is, so the place reads as in daylight.
  await expect(page.getByRole('img', { name: 'As it looks' })).toBeVisible()
  await expect(ways.getByRole('listitem').first()).toContainText(/add \d/)
  await accessible(page)
  await page.setViewportSize({ width: 390, height: 844 })
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
})

again(
  'a large box is searched with progress, can be stopped and never holds the page @traced',
  async ({ page }) => {
    const many = formatBox({
      paints: Array.from({ length: 200 }, (_, i) => {
        const paint = starterPaints[i % starterPaints.length]!
        const gain = 0.6 + ((i * 37) % 101) / 100
        return {
          ...recordOf({ ...paint, K: paint.K.map((k) => k * gain) }),
          id: `bottle-${i}`,
          name: `bottle ${i}`,
          origin: 'calibrated' as const,
        }
      }),
      bottles: {},
    })
    await page.goto('/box')
    await give(page.getByRole('button', { name: 'Open a box file…' }), {
      name: 'many.json',
      mimeType: 'application/json',
      buffer: Buffer.from(many),
    })
    await expect(page.getByText('of 239 paints in use')).toBeVisible()
    await page.getByRole('link', { name: 'Ladder', exact: true }).click()
    await page.getByRole('link', { name: 'Base', exact: true }).click()
    await pick(page, 'Most paints', '4')
    await expect(page.getByText(/Best so far \d+\.\d; nothing can be more than/)).toBeVisible({
      timeout: 15_000,
    })
    await expect(page.getByRole('progressbar', { name: 'Search' })).toBeVisible()
    // Ten new questions in a second leave one search running, and it is the newest.
    await neverHolds(page, async () => {
      for (const most of ['6', '8', '10', '16', '20', '24', '6', '8', '10', '30'])
        await pick(page, 'Most drops', most)
      await page.waitForTimeout(600)
    })
    await page.getByRole('button', { name: 'Stop' }).click()
    await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible()
  },
)
