import { again, accessible, expect, pick, picked, saved, test } from './start'

test('a stack is started from a method, reordered by drag and by keys, answered, and kept', async ({
  page,
}) => {
  // High enough that both ends of a drag are in sight.
  await page.setViewportSize({ width: 1280, height: 1300 })
  await page.goto('/coats')
  const rows = page.getByRole('region', { name: 'Coats' }).getByRole('listitem')
  // Every step of the ladder, until something is chosen.
  await expect(rows).toHaveCount(7)
  // What the bottles cannot make is said, with what they can do and what would make it.
  await page.getByText('Blue hide on plum').click()
  const lacks = page.getByRole('list', { name: 'Mixes that these bottles cannot make' })
  await expect(lacks.getByText('No plum from these bottles.')).toBeVisible()
  await expect(lacks.getByText(/^nearest: /).first()).toBeVisible()
  await page.getByText('Dark skin over-lit').click()
  await page.getByRole('button', { name: 'Start from it' }).click()
  await expect(rows).toHaveCount(9)
  const kinds = async () =>
    (await rows.locator('.kind .el-select__placeholder').allInnerTexts()).map(
      (kind) => kind.split(' ')[0],
    )
  const last = ['glaze', 'wash', 'glaze', 'filter']
  await expect.poll(kinds).toEqual(['base', 'layer', 'layer', 'layer', 'glaze', ...last])

  // By keys: the first glaze is laid before the last layer.
  await rows.nth(4).focus()
  await page.keyboard.press('Alt+ArrowUp')
  await expect.poll(kinds).toEqual(['base', 'layer', 'layer', 'glaze', 'layer', ...last])
  await expect(rows.nth(3)).toBeFocused()
  // By drag: the first coat goes under the third.
  await expect(page.getByText('Elbow and knee', { exact: true })).toBeVisible()
  const below = { targetPosition: { x: 20, y: 29 } }
  await rows.nth(0).locator('.handle').dragTo(rows.nth(2).locator('.handle'), below)
  await expect.poll(kinds).toEqual(['layer', 'layer', 'base', 'glaze', 'layer', ...last])
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(kinds).toEqual(['base', 'layer', 'layer', 'glaze', 'layer', ...last])

  // What is shown is what is computed: more passes of the wash move the end.
  await expect(page.getByText(/It ends \d+\.\d from the ladder in the shadow/)).toBeVisible()
  const end = page.getByRole('img', { name: 'flat in the light, finished' })
  await page.getByRole('button', { name: 'in the light' }).click()
  const colour = () => end.evaluate((one) => getComputedStyle(one).backgroundColor)
  const before = await colour()
  await rows.nth(6).getByLabel('Passes').fill('4')
  await page.keyboard.press('Tab')
  await expect.poll(colour).not.toBe(before)
  await rows.nth(6).focus()
  const answers = page.getByRole('region', { name: 'Answers' })
  await expect(answers.getByText('About coat 7, wash')).toBeVisible()
  await expect(
    answers.getByText(/moves the flat by \d+\.\d now and by \d+\.\d laid again/),
  ).toBeVisible()
  await expect(answers.getByText('Over-light before it:')).toBeVisible()
  await expect(answers.getByText(/To bring the end back/)).toBeVisible()
  await rows.nth(4).focus()
  await expect(answers.getByText(/Before or after the next coat/)).toBeVisible()

  // Medium, a side of its own, wet and dry, and a hand that lays otherwise than usual.
  await pick(rows.nth(6), 'Thinned with', 'medium')
  await rows
    .nth(6)
    .getByRole('button', { name: /^Where coat 7 goes/ })
    .click()
  const where = page.getByRole('dialog')
  await where.getByText('left', { exact: true }).click()
  await expect(where.getByRole('status')).toContainText('on the left side')
  await accessible(page)
  await page.keyboard.press('Escape')
  await pick(page, 'Side', 'right')
  const onTheRight = await colour()
  await pick(page, 'Side', 'left')
  await expect.poll(colour).not.toBe(onTheRight)
  const dry = await colour()
  await pick(page, 'Seen', 'wet')
  await expect.poll(colour).not.toBe(dry)
  await page.getByText('How each coat lies on recess').click()
  await page.getByLabel('wash on the flat').fill('2.5')
  await page.keyboard.press('Tab')
  await accessible(page)
  await saved(page)
  await page.reload()
  await expect(picked(rows.nth(6), 'Thinned with')).toContainText('medium')
  await page.getByText('How each coat lies on recess').click()
  await expect(page.getByLabel('wash on the flat')).toHaveValue('2.5')
  await page.goto('/ladder?show=card')
  const card = page.getByRole('img', { name: /Recipe card/ })
  await expect
    .poll(async () =>
      decodeURIComponent((await card.getAttribute('src')) ?? '')
        .replace(/<[^>]+>/g, ' ')
        .replace(/\s+/g, ' '),
    )
    .toContain(': 1 medium')
  await page.goto('/coats')
  await expect.poll(kinds).toEqual(['base', 'layer', 'layer', 'glaze', 'layer', ...last])
  await page.setViewportSize({ width: 390, height: 844 })
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
})

again('three accents by keyboard: recipes, before and after, and they stay', async ({ page }) => {
  await page.goto('/accents')
  for (const name of ['Cheek', 'Upper lip', 'Jaw, stubble']) {
    const place = page.getByRole('checkbox', { name, exact: true })
    await place.focus()
    await page.keyboard.press('Space')
    await expect(place).toBeChecked()
  }
  const after = page.getByRole('img', { name: 'Upper lip, after' })
  await expect(after).toBeVisible()
  const colourOf = (name: string) =>
    page.getByRole('img', { name }).evaluate((one) => getComputedStyle(one).backgroundColor)
  expect(await colourOf('Upper lip, after')).not.toBe(await colourOf('Upper lip, before'))
  await expect(page.getByLabel(/parts of thinner to one of paint$/)).toHaveCount(3)
  await expect(page.getByRole('button', { name: /^Mix of Upper lip: \d/ })).toBeVisible()
  await expect(page.getByText('pure white stares', { exact: false })).toBeVisible()
  await accessible(page)
  await saved(page)
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Jaw, stubble' })).toBeVisible()
  await page.getByRole('button', { name: 'Leave it out: Cheek' }).click()
  await expect(page.getByRole('heading', { name: 'Cheek' })).toHaveCount(0)
  await page.getByRole('button', { name: /Kelp drake/ }).click()
  await expect(page.getByText('Choose a place on the drawing')).toBeVisible()
})
