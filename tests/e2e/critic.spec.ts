import { seeded } from '../../core'
import { png } from '../fixtures/pictures'
import { paintedWith, photographed } from '../world/faultyPainting'
import { plannedFigures } from '../world/paintedFigures'
import { accessible, expect, give, saved, settled, test } from './start'

const LARGER = 4

/** A photograph of the demo's ferrywoman, painted as planned or with a mistake; made by the tests' own camera. */
function photo(mistake: 'too flat' | undefined): Buffer {
  const [figure, stranger] = [plannedFigures()[0]!, plannedFigures()[5]!]
  const painted = paintedWith(figure, mistake, { size: 1, random: seeded(3), stranger })
  const lamp = { light: 'D50', tube: 0.02, exposure: 0.9, noise: 1.5 } as const
  const { width, height, pixels } = photographed(painted, lamp, 4).picture
  return png(LARGER * width, LARGER * height, (x, y) => {
    const at = 4 * (Math.floor(y / LARGER) * width + Math.floor(x / LARGER))
    return [pixels[at]!, pixels[at + 1]!, pixels[at + 2]!]
  })
}
const file = (name: string, mistake: 'too flat' | undefined) => ({
  name,
  mimeType: 'image/png',
  buffer: photo(mistake),
})
/** Round the face, within it. */
const face = [
  [0.5, 0.12],
  [0.62, 0.12],
  [0.72, 0.3],
  [0.7, 0.5],
  [0.6, 0.62],
  [0.5, 0.62],
  [0.42, 0.5],
  [0.42, 0.3],
] as const

test('the critic names what is wrong in a photograph, with its mend, and keeps it in the story', async ({
  page,
}) => {
  await page.goto('/ladder')
  await settled(page)
  await page.goto('/log?show=critic')
  await expect(page.getByRole('heading', { name: /before any paint is spent/ })).toBeVisible()
  await expect(page.getByText(/of 7 read|All 7 steps read/).first()).toBeVisible()
  await accessible(page)
  const judge = async (name: string, mistake: 'too flat' | undefined): Promise<void> => {
    const button = page.getByText(mistake ? 'Open a picture…' : 'Another picture…')
    await give(button, file(name, mistake))
    const frame = page.getByRole('application', { name: new RegExp(`^${name}`) })
    await expect(frame).toBeVisible()
    const box = (await frame.boundingBox())!
    const at = ([x, y]: readonly [number, number]) =>
      [box.x + box.width * x, box.y + box.height * y] as const
    await page.getByRole('radio', { name: 'Neutral' }).click()
    await expect(page.getByText('Click something neutral in the picture first.')).toBeVisible()
    await page.mouse.click(...at([0.06, 0.5]))
    await expect(page.getByText('Now draw round the painted skin.')).toBeVisible()
    await page.getByRole('radio', { name: 'Lasso' }).click()
    await page.mouse.move(...at(face[0]))
    await page.mouse.down()
    for (const corner of face) await page.mouse.move(...at(corner), { steps: 3 })
    await page.mouse.up()
    await expect(page.getByText(/Off by \d+\.\d: /)).toBeVisible({ timeout: 60_000 })
    await page.getByRole('button', { name: 'Write it into the story' }).click()
  }
  await judge('flat.png', 'too flat')
  const critic = page.getByRole('region', { name: 'Critic' })
  await expect(critic.getByText(/Too flat: from dark to light it goes \d+%/)).toBeVisible()
  await expect(critic.getByText(/(layer|glaze), thinned .+ over /).first()).toBeVisible()
  await accessible(page)
  const story = page.getByRole('region', { name: 'Photographs so far' })
  await expect(story.getByRole('listitem')).toHaveCount(1)

  await judge('better.png', undefined)
  await expect(story.getByRole('listitem')).toHaveCount(2)
  await expect(story.getByText(/^Better: off by/)).toBeVisible()
  await expect(story.getByRole('img', { name: /^Photograph of/ })).toHaveCount(2)
  await saved(page)
  await page.reload()
  await expect(story.getByText(/^Better: off by/)).toBeVisible()
  await story
    .getByRole('button', { name: /^Let go of/ })
    .first()
    .click()
  await expect(story.getByRole('listitem')).toHaveCount(1)
  await page.keyboard.press('Control+z')
  await expect(story.getByRole('listitem')).toHaveCount(2)
})

test('by keyboard, and a photograph that cannot be read says why', async ({ page }) => {
  await page.goto('/ladder')
  await settled(page)
  await page.goto('/log?show=critic')
  const white = {
    name: 'burnt.png',
    mimeType: 'image/png',
    buffer: png(200, 200, () => [255, 255, 255]),
  }
  await give(page.getByText('Open a picture…'), white)
  const frame = page.getByRole('application', { name: /^burnt/ })
  await frame.focus()
  await page.keyboard.press('Enter')
  await page.getByRole('radio', { name: 'Brush' }).click()
  await frame.focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert')).toContainText(/burnt out/)
})
