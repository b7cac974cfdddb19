import { accessible, expect, saved, settled, tabTo, test } from './start'

test.use({ apart: true })

test('from plan to finished figure with keys only: moves, a timer over a reload, a measured mix in the log', async ({
  page,
}) => {
  await page.goto('/ladder')
  await settled(page)
  // Three of her, said where her size is shown.
  await tabTo(page, 'weathered tan')
  await page.keyboard.press('Enter')
  await tabTo(page, 'How many of it')
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('button', { name: /3 of it/ })).toBeVisible()
  await tabTo(page, 'Softness')
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('Control+z')
  // A reload at once: what is not stored yet is made again.
  await page.reload()
  await expect(page.getByRole('button', { name: /3 of it/ })).toBeVisible()
  await settled(page)
  await tabTo(page, 'Coats')
  await page.keyboard.press('Enter')
  await tabTo(page, 'Coat 3')
  await page.keyboard.press('Alt+ArrowDown')
  await expect(page.getByRole('listitem', { name: /^Coat 4, layer/ })).toBeFocused()
  await page.keyboard.press('Control+z')
  await page.reload()
  await tabTo(page, 'Bench')
  await page.keyboard.press('Enter')
  const now = page.getByRole('region', { name: 'Now' })
  await expect(now.getByRole('heading')).toHaveText(/^Base coat of/)
  const left = async () => Number(/(\d+) moves left/.exec((await now.textContent())!)?.[1] ?? 0)
  const all = 12
  await expect.poll(left).toBe(all)
  for (let i = 0; i < 4; i++) await page.keyboard.press('Space')
  await expect.poll(left).toBe(all - 4)
  await page.keyboard.press('Backspace')
  await expect.poll(left).toBe(all - 3)
  await expect(now.getByRole('img', { name: 'The well' }).first()).toBeVisible()
  await page.keyboard.press('d')
  const drying = page.getByRole('region', { name: 'Drying' })
  const clock = drying.getByText(/^\d+:\d\d$/)
  await expect(clock).toBeVisible()
  const minutes = parseInt(await clock.innerText())

  await page.keyboard.press('m')
  await page.getByRole('radio', { name: 'In numbers' }).press('Space')
  await page.getByLabel('Its colour, hex or L a b').fill('not a colour')
  await expect(page.getByRole('alert')).toContainText('is not a colour')
  await page.getByLabel('Its colour, hex or L a b').fill('55 16 15')
  await page.getByLabel('A word about it').fill('a little pale')
  await accessible(page)
  await page.keyboard.press('Enter')
  await saved(page)
  // The clock goes on while the page is away.
  await page.clock.install({ time: Date.now() + 10 * 60_000 })
  await page.reload()
  await expect
    .poll(async () => minutes - parseInt(await clock.innerText()))
    .toBeGreaterThanOrEqual(10)
  await expect.poll(left).toBe(all - 3)
  await page.clock.fastForward('25:00')
  await expect(drying.getByText('dry', { exact: true })).toBeVisible()
  for (let i = 0; i < all; i++) await page.keyboard.press('Space')
  await expect(now.getByText('All moves are done.')).toBeVisible()

  await page.reload()
  await tabTo(page, 'Log')
  await page.keyboard.press('Enter')
  await expect(page.getByText('“a little pale”')).toBeVisible()
  await expect(page.getByText(/^off by \d+\.\d/)).toBeVisible()
  await page.getByLabel('Find').fill('nothing like it')
  await expect(page.getByText('Nothing in the log has')).toBeVisible()
  await page.getByLabel('Find').fill('isaura')
  await expect(page.getByText('“a little pale”')).toBeVisible()
  await accessible(page)
})

test('readings of mixes teach the box, and undo takes it back', async ({ page }) => {
  await page.goto('/bench')
  const now = page.getByRole('region', { name: 'Now' })
  await page.getByLabel(/^In rotation/).fill('1')
  await page.getByLabel(/^In rotation/).press('Enter')
  await page.getByRole('heading', { level: 1 }).click()
  for (let i = 0; i < 4; i++) {
    await expect(now.getByRole('img', { name: 'The well' }).first()).toBeVisible()
    await page.keyboard.press('m')
    // The demo's stand-in for a reader: what it reads is made up, and says so.
    const form = page.getByRole('form', { name: 'Measure' })
    await form.getByText('With the reader').click()
    await form.getByRole('button', { name: 'Read it with the stand-in' }).click()
    await expect(page.getByText('read by the stand-in, made up')).toBeVisible()
    await page.getByRole('button', { name: 'Write it down' }).click()
    await expect(page.getByRole('form', { name: 'Measure' })).toHaveCount(0)
    // In a line: what it tells, and which of tonight's mixes would tell most.
    if (i < 2) await expect(page.getByText('would teach most')).toBeVisible()
    if (i < 3) await expect(page.getByText(`${i + 1} of 4 readings`)).toBeVisible()
    else await expect(page.getByRole('link', { name: 'See it in the log' })).toBeVisible()
    await page.getByRole('heading', { level: 1 }).click()
    await page.keyboard.press('Space')
  }
  await page.getByRole('link', { name: 'Log', exact: true }).click()
  await expect(page.getByText('4 readings of mixes can teach it')).toBeVisible()
  await page.getByRole('button', { name: 'See what they say' }).click()
  await expect(
    page.getByText(/held out in turn were off by \d+\.\d; with what was learnt, \d+\.\d/),
  ).toBeVisible()
  // Before it is taken: every ladder that changes, as it was thought, as it truly is, and mixed anew.
  const changed = page.getByRole('region', { name: 'Ladders that change' })
  await expect(changed.getByText(/ladders? changes?\.$/)).toBeVisible()
  const [, was, anew] = /are (\d+\.\d) from the aims, mixed anew (\d+\.\d)/.exec(
    await changed.locator('article').first().innerText(),
  )!
  expect(Number(anew)).toBeLessThan(Number(was))
  const take = page.getByRole('button', { name: 'Mix with what they taught' })
  if (await take.isVisible()) {
    await take.click()
    // One bottle: what was learnt lies over it, and every room mixes with it.
    await expect(page.getByText(/Every room mixes with what readings taught of/)).toBeVisible()
    await page.getByRole('link', { name: 'Ladder', exact: true }).click()
    await page.getByRole('link', { name: 'Log', exact: true }).click()
    await page.getByRole('button', { name: 'Take it back' }).click()
    await expect(page.getByText(/Every room mixes/)).toHaveCount(0)
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByText(/Every room mixes/)).toBeVisible()
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByText(/Every room mixes/)).toHaveCount(0)
  } else await expect(page.getByText('nothing is taken over')).toBeVisible()
})
