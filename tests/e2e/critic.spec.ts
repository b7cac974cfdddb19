import { png } from '../fixtures/pictures'
import { ferrywoman, showCritic } from '../fixtures/judged'
import { again, accessible, expect, give, saved, settled, test } from './start'

const file = (name: string, mistake: 'too flat' | undefined) => ({
  name,
  mimeType: 'image/png',
  buffer: ferrywoman(mistake),
})
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
    await showCritic(page, name)
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

again('by keyboard, and a photograph that cannot be read says why', async ({ page }) => {
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
