import { readFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { accessible, expect, settled, test } from './start'

/** Mean red, green and blue of what is drawn of the form; zeros where nothing is. */
const colourNow = (page: Page): Promise<number[]> =>
  page.getByRole('img', { name: /painted with this ladder/ }).evaluate(
    (one) =>
      new Promise<number[]>((told) => {
        one.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowLeft', bubbles: true }))
        one.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }))
        requestAnimationFrame(() => {
          const flat = document.createElement('canvas')
          flat.width = flat.height = 60
          const pen = flat.getContext('2d')!
          pen.drawImage(one as HTMLCanvasElement, 0, 0, 60, 60)
          const { data } = pen.getImageData(0, 0, 60, 60)
          const sum = [0, 0, 0]
          let many = 0
          for (let i = 0; i < data.length; i += 4) {
            if (data[i + 3]! < 200) continue
            many++
            for (let c = 0; c < 3; c++) sum[c]! += data[i + c]!
          }
          told(sum.map((v) => v / Math.max(1, many)))
        })
      }),
  )

/** The same as soon as anything is drawn: a software renderer may lose its context for a moment and get it back. */
async function meanColour(page: Page): Promise<number[]> {
  let seen: number[] = []
  const any = async () => (seen = await colourNow(page)).some((v) => v > 0)
  await expect.poll(any, 'something is drawn').toBe(true)
  return seen
}

test.use({ forms: true })

test('painted along the plan, edges as a brush leaves them, lips and eyes on their places, a turn kept', async ({
  page,
}) => {
  await page.goto('/accents')
  for (const name of [/^Lower lip/, /^Eye, the white of it/]) {
    const place = page.getByRole('checkbox', { name }).first()
    await place.focus()
    await page.keyboard.press('Space')
    await expect(place).toBeChecked()
  }
  await page.goto('/ladder?show=form')
  await settled(page)
  const canvas = page.getByRole('img', { name: /painted with this ladder/ })
  await expect(canvas).toBeVisible()
  const far = page.getByRole('slider', { name: 'Painted so far' })
  await expect(far).toHaveAttribute('aria-valuetext', 'finished')
  await far.focus()
  await page.keyboard.press('Home')
  await expect(far).toHaveAttribute('aria-valuetext', 'the bare undercoat')
  await page.keyboard.press('ArrowRight')
  await expect(far).toHaveAttribute('aria-valuetext', 'Base')
  const based = await meanColour(page)
  await page.keyboard.press('ArrowRight')
  await expect(far).toHaveAttribute('aria-valuetext', 'Half-shade')
  await expect.poll(async () => (await meanColour(page))[0]!).toBeLessThan(based[0]! - 2)
  await page.keyboard.press('End')
  await page.keyboard.press('ArrowLeft')
  await expect(far).toHaveAttribute('aria-valuetext', 'Lower lip')
  await page.keyboard.press('End')
  await expect(far).toHaveAttribute('aria-valuetext', 'finished')
  for (const name of ['feathered', 'glazed'])
    await page.getByRole('radio', { name }).check({ force: true })
  await accessible(page)

  const kept = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Keep a turn as a film' }).click()
  await expect(page.getByRole('progressbar', { name: 'Filming' })).toBeVisible()
  const film = await kept
  expect(film.suggestedFilename()).toBe('isaura-ferrywoman-turned.webm')
  const bytes = await readFile(await film.path())
  // EBML head of Matroska and WebM (RFC 8794, 11.2.1).
  expect([...bytes.subarray(0, 4)]).toEqual([0x1a, 0x45, 0xdf, 0xa3])
  expect(bytes.length).toBeGreaterThan(50_000)
})
