import { readFile, writeFile } from 'node:fs/promises'
import { surfaceNet } from '../../core'
import { shapes } from '../../scripts/forms/shapes/shapes'
import { neverHolds } from './longTasks'
import {
  again,
  accessible,
  expect,
  give,
  leaf,
  openLadder,
  pick,
  picked,
  saved,
  settled,
  test,
  tick,
} from './start'

/** A binary STL of a form, so many cells fine. */
function stlOf(cells: number): Buffer {
  const { positions, triangles } = surfaceNet(shapes.egg, cells)
  const many = triangles.length / 3
  const data = Buffer.alloc(84 + 50 * many)
  data.writeUInt32LE(many, 80)
  for (let t = 0; t < many; t++)
    for (let k = 0; k < 9; k++)
      data.writeFloatLE(
        positions[3 * triangles[3 * t + Math.floor(k / 3)]! + (k % 3)]!,
        84 + 50 * t + 12 + 4 * k,
      )
  return data
}

again(
  'schools, a second light and a run of drops, by keyboard; nothing is lost on reload',
  async ({ page }) => {
    await openLadder(page)
    const aim = page.getByRole('img', { name: 'Shade, aimed at', exact: true })
    const colour = () => aim.evaluate((one) => getComputedStyle(one).backgroundColor)
    const violet = await colour()
    await page.getByRole('radio', { name: /^blue-green(, like|$)/ }).press('Space')
    await expect.poll(colour).not.toBe(violet)
    await expect(page.getByText('Green and blue hides, moonlight, the drowned.')).toBeVisible()
    await leaf(page, 'Light')
    await page.getByRole('radio', { name: /^white/ }).press('Space')
    await expect(page.getByLabel('Light’s share')).toBeVisible()
    await tick(page, 'a second light from the other side')
    await expect(page.getByRole('img', { name: 'Light, second light', exact: true })).toBeVisible()
    await leaf(page, 'Mixing')
    await pick(page, 'Way of mixing', 'a run of drops')
    await settled(page)
    await expect(
      page.getByText(/toward shade, .* toward light; gaps uneven by at most \d+%/),
    ).toBeVisible()
    await pick(page, 'Steps', '9')
    await settled(page)
    await expect(page.getByRole('link', { name: 'Deep shade' })).toBeVisible()
    await saved(page)
    await page.reload()
    await settled(page)
    await expect(picked(page, 'Way of mixing')).toContainText('a run of drops')
    await leaf(page, 'Shadow')
    await expect(page.getByRole('radio', { name: /^blue-green(, like|$)/ })).toBeChecked()
    await leaf(page, 'Mixing')
    await pick(page, 'Way of mixing', 'bottles as they are')
    await settled(page)
    await accessible(page)
  },
)

test('the puddle path, charts that move a step, versions side by side and the card', async ({
  page,
}, testInfo) => {
  await openLadder(page)
  const parts = page.getByRole('navigation', { name: 'Of this ladder' })
  await leaf(page, 'Mixing')
  await pick(page, 'Way of mixing', 'a run of drops')
  await settled(page)
  await parts.getByRole('link', { name: 'Puddle path' }).click()
  await page.getByRole('spinbutton', { name: 'Figures' }).fill('20')
  await page.keyboard.press('Tab')
  const path = page.getByRole('region', { name: 'Puddle path' })
  await expect(path.getByText(/^Mix Base$/)).toBeVisible()
  // The base is mixed first and poured on; nothing else of a run is mixed anew.
  await expect(path.getByText(/\d½? drops? into Light/)).toBeVisible()
  await expect(path.getByText(/drops out of bottles in all/)).toBeVisible()
  await accessible(page)

  await pick(page, 'Way of mixing', 'each step matched')
  await settled(page)
  await parts.getByRole('link', { name: 'Compare' }).click()
  await page.getByRole('button', { name: 'Keep it' }).click()
  await parts.getByRole('link', { name: 'Charts' }).click()
  const light = page.getByRole('slider', { name: 'Lightness of Light', exact: true })
  const before = Number(await light.getAttribute('aria-valuenow'))
  await light.focus()
  for (let i = 0; i < 2; i++) await page.keyboard.press('PageDown')
  await settled(page)
  await expect
    .poll(async () => Number(await light.getAttribute('aria-valuenow')))
    .toBeLessThan(before)
  await page.getByRole('button', { name: 'Show the spectra' }).click()
  await expect(page.getByRole('img', { name: /Reflectance of every step/ })).toBeVisible()
  await accessible(page)
  await parts.getByRole('link', { name: 'Compare' }).click()
  await expect(page.getByText(/Apart by .*Light \d+\.\d/)).not.toContainText('Light 0.0')
  await accessible(page)
  await page.getByRole('button', { name: 'Go back to it' }).click()
  await parts.getByRole('link', { name: 'Charts' }).click()
  await expect.poll(async () => Number(await light.getAttribute('aria-valuenow'))).toBe(before)

  await parts.getByRole('link', { name: 'Card' }).click()
  await page.getByLabel('Notes').fill('lamp from <upper left> & rain')
  const download = async (name: string): Promise<Buffer> => {
    const waiting = page.waitForEvent('download')
    await page.getByRole('button', { name }).click()
    const file = testInfo.outputPath(name)
    await (await waiting).saveAs(file)
    return readFile(file)
  }
  const svg = (await download('Save as drawing (SVG)')).toString()
  expect(svg).toContain('lamp from &lt;upper left&gt; &amp; rain')
  expect(svg.match(/<rect /g)!.length).toBe(8)
  expect((await download('Save as PDF')).subarray(0, 5).toString()).toBe('%PDF-')
  expect((await download('Save as picture (PNG)')).subarray(1, 4).toString()).toBe('PNG')
  await accessible(page)
})

test.describe('with forms', () => {
  test.use({ forms: true })
  again(
    'the form turns; a large sculpt loads with progress, a broken one is refused @traced',
    async ({ page }, testInfo) => {
      await page.goto('/ladder?show=form')
      await settled(page)
      const canvas = page.getByRole('img', { name: /painted with this ladder/ })
      await expect(canvas).toBeVisible()
      const box = (await canvas.boundingBox())!
      expect(box.width).toBeGreaterThanOrEqual(480)
      expect(box.height).toBeGreaterThanOrEqual(590)
      await page.getByRole('button', { name: 'Turn it' }).click()
      const frames = () =>
        canvas.evaluate((one) => Number((one as HTMLElement).dataset.frames ?? 0))
      // It draws while it turns and rests when it does not; how many a second is shown by the bench.
      const start = await frames()
      await expect.poll(frames).toBeGreaterThan(start + 8)
      await page.getByRole('button', { name: 'Stop turning' }).click()
      const rested = () =>
        canvas.evaluate(async (one) => {
          const drawn = (): string | undefined => (one as HTMLElement).dataset.frames
          const before = drawn()
          for (let n = 0; n < 5; n++) await new Promise((next) => requestAnimationFrame(next))
          return drawn() === before
        })
      await expect.poll(rested).toBe(true)

      // The browser takes the drawing context away and gives it back: the form is there again.
      const drawn = (): Promise<number> =>
        canvas.evaluate(
          (one) =>
            new Promise<number>((told) => {
              // Read in the frame that it is drawn in: later there is nothing to be read.
              one.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowLeft', bubbles: true }))
              requestAnimationFrame(() => {
                const flat = document.createElement('canvas')
                flat.width = flat.height = 40
                const pen = flat.getContext('2d')!
                pen.drawImage(one as HTMLCanvasElement, 0, 0, 40, 40)
                const { data } = pen.getImageData(0, 0, 40, 40)
                told(data.filter((v, i) => i % 4 === 3 && v > 200).length)
              })
            }),
        )
      await expect.poll(drawn).toBeGreaterThan(100)
      const lose = (way: 'loseContext' | 'restoreContext'): Promise<void> =>
        canvas.evaluate((one, way) => {
          const held = window as unknown as { lose?: WEBGL_lose_context | null }
          held.lose ??= (one as HTMLCanvasElement)
            .getContext('webgl2')!
            .getExtension('WEBGL_lose_context')
          held.lose![way]()
        }, way)
      await lose('loseContext')
      await expect.poll(drawn).toBe(0)
      await lose('restoreContext')
      await expect.poll(drawn).toBeGreaterThan(100)

      // Another form, chosen by its picture, under a light from the other side.
      await page.getByRole('button', { name: 'Form: young woman' }).press('Enter')
      await page.getByRole('radio', { name: 'old man' }).press('Space')
      await expect(page.getByRole('img', { name: /^old man, painted/ })).toBeVisible()
      await page.getByRole('slider', { name: 'Light from' }).press('End')

      const file = page.getByRole('button', { name: 'Choose a sculpt…' })
      await give(file, {
        name: 'cut.stl',
        mimeType: 'model/stl',
        buffer: stlOf(12).subarray(0, 900),
      })
      await expect(page.getByRole('alert')).toContainText(/cut short: it says .* triangles/)
      await give(file, { name: 'egg.ply', mimeType: 'model/ply', buffer: Buffer.from('ply') })
      await expect(page.getByRole('alert')).toContainText('allowed is STL, OBJ or GLB')
      const large = stlOf(290)
      expect((large.length - 84) / 50).toBeGreaterThan(300_000)
      const mine = testInfo.outputPath('mine.stl')
      await writeFile(mine, large)
      await neverHolds(page, async () => {
        await give(file, mine)
        const reading = page.getByRole('progressbar', { name: 'Reading the sculpt' })
        await expect(reading).toBeVisible()
        await expect(reading).toBeHidden({ timeout: 30_000 })
        await expect(page.getByText(/mine\.stl, [\d,]+ triangles shown/)).toBeVisible()
        await page.waitForTimeout(500)
      })
      await tick(page, 'values in grey')
      await tick(page, /true size/)
      await accessible(page)
      await page.reload()
      await expect(page.getByText(/mine\.stl, [\d,]+ triangles shown/)).toBeVisible()
      await page.getByRole('button', { name: 'Remove the sculpt' }).click()
      await expect(page.getByRole('button', { name: /^Form: / })).toBeEnabled()
    },
  )
})
