import { many } from '../thorough'
import { benchOf, done, go, left, leaveTo, now, outOfPlace } from './benchRoom'
import { accessible, expect, saved, settled, tabTo, test } from './start'

test.describe('by keys', () => {
  test.use({ apart: true })
  test('from plan to finished figures: mixing and laying, a timer over a reload, a measured mix in the log', async ({
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
    await tabTo(page, 'Bench')
    await page.keyboard.press('Enter')
    const title = page.getByRole('heading', { level: 1 })
    await expect(title).toHaveText(/^Mix /)
    await expect(page.getByRole('navigation', { name: 'Rooms' })).toBeHidden()
    // Drops are ticked as they go in, and are still ticked after a reload.
    await page.getByRole('button', { name: /^✓? ?\d+ yellow ochre/ }).press('Space')
    const ticked = page.getByRole('button', { name: /yellow ochre/, pressed: true })
    await expect(ticked).toBeVisible()
    await page.reload()
    await expect(ticked).toBeVisible()
    const all = (await left(page))!
    for (let i = 0; i < 6 && /^Mix/.test(await title.innerText()); i++) await go(page)
    await expect(title).toHaveText(/^Base coat of/)
    await page.keyboard.press('PageDown')
    await expect.poll(() => left(page)).toBeLessThan(all - 2)
    const three = (await left(page))!
    await page.keyboard.press('Enter')
    await expect.poll(() => left(page)).toBeLessThan(three)
    await page.keyboard.press('Backspace')
    await expect.poll(() => left(page)).toBe(three)
    await page.keyboard.press('d')
    const strip = page.getByRole('group', { name: 'In rotation' })
    const clock = strip.getByText(/^\d+:\d\d$/).first()
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
    await page.clock.install({ time: Date.now() + 4 * 60_000 })
    await page.reload()
    await expect
      .poll(async () => minutes - parseInt(await clock.innerText()))
      .toBeGreaterThanOrEqual(4)
    await expect.poll(() => left(page)).toBe(three)
    const { y } = (await done(page).boundingBox())!
    for (let i = 0; i < all && (await left(page)) !== 0; i++) {
      expect(await outOfPlace(page)).toEqual([])
      expect((await done(page).boundingBox())!.y).toBe(y)
      await go(page)
    }
    await expect(page.getByText('All moves are done.')).toBeVisible()
    await expect(page.getByText('a photograph for the critic?')).toBeVisible()
    await expect(page.getByText('nothing that was counted runs out')).toBeVisible()
    await accessible(page)

    await page.reload()
    await leaveTo(page, 'Log')
    await expect(page.getByText('“a little pale”')).toBeVisible()
    await expect(page.getByText(/^off by \d+\.\d/)).toBeVisible()
    await page.getByLabel('Find').fill('nothing like it')
    await expect(page.getByText('Nothing in the log has')).toBeVisible()
    await page.getByLabel('Find').fill('isaura')
    await expect(page.getByText('“a little pale”')).toBeVisible()
    await accessible(page)
  })
})

const devices = [
  ['phone', { width: 390, height: 844 }],
  ['tablet', { width: 1024, height: 768 }],
] as const
for (const [device, viewport] of devices.slice(0, many(2, 1)))
  test.describe(`by touch on a ${device}`, () => {
    test.use({ apart: true, hasTouch: true, viewport })
    test('an evening of three figures: Done never moves, each move is whole in sight, and one is put right by looking', async ({
      page,
    }) => {
      test.setTimeout(120_000)
      await page.addInitScript(() => {
        const said: string[] = []
        Object.assign(window, { said })
        speechSynthesis.speak = ({ text }) => void said.push(text)
        localStorage.setItem('cobaltfinch-spoken', 'true')
      })
      const said = () => page.evaluate(() => (window as unknown as { said: string[] }).said)
      await page.goto('/bench')
      await expect.poll(() => left(page)).toBeGreaterThan(3)
      await page.getByRole('button', { name: 'Paint another alongside' }).tap()
      const others = page.getByRole('group', { name: 'Painted alongside' })
      for (const name of [/^Old Bram/, /^Kelp drake/])
        await others.getByRole('button', { name }).tap()
      await expect(others.getByRole('button', { pressed: true })).toHaveCount(2)
      expect(await outOfPlace(page)).toEqual([])
      await accessible(page)
      await page.getByRole('button', { name: 'Close', exact: true }).tap()
      await expect.poll(() => left(page)).toBeGreaterThan(20)
      // Put right: darker than it should be; a drop is added, and it is right.
      await page.getByRole('button', { name: /^Put right/ }).tap()
      const right = page.getByRole('region', { name: 'Put right' })
      await right.getByRole('button', { name: 'darker', exact: true }).tap()
      await expect(right.getByRole('listitem')).toHaveText(/titanium white/)
      await right.getByRole('button', { name: 'I did this' }).tap()
      await expect(right.getByText('Added so far')).toBeVisible()
      expect(await outOfPlace(page)).toEqual([])
      await accessible(page)
      const aim = right.getByRole('button', { name: 'right', exact: true })
      await aim.tap()
      const write = right.getByRole('button', { name: 'Write it down' })
      await expect(write.or(right.getByText('look once more'))).toBeVisible()
      if (!(await write.isVisible())) await aim.tap()
      await write.tap()
      await expect(right).toHaveCount(0)

      const { y } = (await done(page).boundingBox())!
      const titles: string[] = []
      const whom: string[] = []
      for (let n = 0; n < 60; n++) {
        if ((await left(page)) === 0) break
        titles.push(await page.getByRole('heading', { level: 1 }).innerText())
        whom.push(await now(page).innerText())
        expect((await done(page).boundingBox())!.y).toBe(y)
        expect(await outOfPlace(page), titles.at(-1)).toEqual([])
        if (n === 4) await accessible(page)
        await go(page, () => done(page).tap())
      }
      await expect(page.getByText('All moves are done.')).toBeVisible()
      // Whatever is laid was mixed before it.
      expect(titles.filter((title) => title.startsWith('Mix ')).length).toBeGreaterThan(6)
      // What is let down serves all three, and is mixed once.
      const forAll = whom.filter((words) => words.includes('for Isaura, Old Bram and Kelp drake'))
      expect(forAll).toHaveLength(1)
      expect(titles.indexOf('Mix Base')).toBeLessThan(titles.indexOf('Base coat of Base'))
      // Each was spoken, once it was at hand.
      const heard = (await said()).join(' | ')
      expect(heard).toMatch(
        /Mix red iron oxide, let down\. (\d|half a drop|\d touches of) red iron oxide, \d+( and a half)? titanium white/,
      )
      expect(heard).toMatch(/Isaura, ferrywoman\. Base coat of Base\. thinned 1 to 1/)

      // One that dries says so.
      await page.getByRole('button', { name: /^Kelp drake.*dries/ }).tap()
      await expect(page.getByText(/All its moves are done/)).toBeVisible()
      await page.getByRole('link', { name: /Leave/ }).tap()
      await page.getByRole('link', { name: 'Log', exact: true }).tap()
      await expect(page.getByText(/titanium white.*read by eye|by eye/).first()).toBeVisible()
    })
  })

test('readings of mixes teach the box, and undo takes it back', async ({ page }) => {
  await page.goto('/bench')
  let read = 0
  for (let n = 0; n < 12 && read < 4; n++) {
    await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(/^(Working|Finding)/)
    if (/^Mix .*[^n]$/.test(await page.getByRole('heading', { level: 1 }).innerText())) {
      await page.keyboard.press('m')
      // The demo's stand-in for a reader: what it reads is made up, and says so.
      const form = page.getByRole('form', { name: 'Measure' })
      await form.getByText('With the reader').click()
      await form.getByRole('button', { name: 'Read it with the stand-in' }).click()
      await expect(page.getByText('read by the stand-in, made up')).toBeVisible()
      await page.getByRole('button', { name: 'Write it down' }).click()
      read++
      await expect(form).toHaveCount(0)
      // In a line: what it tells, and which of tonight's mixes would tell most.
      if (read < 3) await expect(page.getByText('would teach most')).toBeVisible()
      if (read < 4) await expect(page.getByText(`${read} of 4 readings`)).toBeVisible()
      else await expect(page.getByRole('link', { name: 'See it in the log' })).toBeVisible()
    }
    // One that is off further than is borne is asked about first.
    await page.keyboard.press('Escape')
    await go(page)
  }
  expect(read).toBe(4)
  await leaveTo(page, 'Log')
  await expect(page.getByText('4 readings of mixes can teach it')).toBeVisible()
  await page.getByRole('button', { name: 'See what they say' }).click()
  await expect(
    page.getByText(/held out in turn were off by \d+\.\d; with what was learnt, \d+\.\d/),
  ).toBeVisible()
  // Before it is taken: every ladder that changes, as it was thought, as it truly is, and mixed anew.
  const changed = page.getByRole('region', { name: 'Ladders that change' })
  await expect(changed.getByText(/ladders? changes?\.$/)).toBeVisible()
  const nearer = (await changed.locator('article').allInnerTexts()).map((text) => {
    const [, was, anew] = /are (\d+\.\d) from the aims, mixed anew (\d+\.\d)/.exec(text)!
    return Number(was) - Number(anew)
  })
  expect(Math.max(...nearer)).toBeGreaterThan(0)
  expect(Math.min(...nearer)).toBeGreaterThanOrEqual(-0.1)
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

test('of several alike one leaves the rotation from its head, and the clock of another is told', async ({
  page,
}) => {
  await benchOf(page, 3)
  const heads = page.getByRole('group', { name: 'In rotation' }).getByRole('button')
  await expect(heads).toHaveCount(4)
  await heads.nth(1).click()
  await expect(page.getByText(/waits for the brush|Then:/)).toBeVisible()
  await page.getByRole('button', { name: 'Leave it for another evening' }).click()
  await expect(heads).toHaveCount(3)
})
