import { readFile, writeFile } from 'node:fs/promises'
import { png } from '../fixtures/pictures'
import { accessible, expect, give, leaf, openLadder, pick, saved, settled, test } from './start'
import { benchOf, closeMore, go, left, leaveTo, more, now } from './benchRoom'

test('a mix as it was: drops, thinner and picture written down, put right, stock and shopping list', async ({
  page,
}, testInfo) => {
  // What is let down is done without, and may be let down again.
  await page.goto('/range')
  await page.getByRole('button', { name: /Change the bottles/ }).click()
  for (const name of ['red iron oxide', 'dioxazine violet'])
    await page.getByRole('button', { name: `Do without ${name}, let down` }).click()
  await expect(page.getByRole('button', { name: 'Let down', exact: true })).toBeVisible()
  await saved(page)
  // Her base is mixed of bottles, not poured of puddles.
  await openLadder(page)
  await leaf(page, 'Mixing')
  await pick(page, 'Way of mixing', 'each step matched')
  await settled(page)
  await saved(page)
  await benchOf(page, 3)
  const alone = (await left(page))!
  await more(page, 'Figures')
  const mei = page.getByRole('group', { name: 'Painted alongside' }).getByRole('button', {
    name: /^Mei/,
  })
  await mei.click()
  await closeMore(page)
  // One painted alongside is mixed from her own ladder.
  await expect.poll(() => left(page)).toBeGreaterThan(alone + 3)
  const title = page.getByRole('heading', { level: 1 })
  const ofMei = async () => {
    const text = await now(page).innerText()
    return /for Mei\n/.test(text) && /Mix Base/.test(text)
  }
  let gone = 0
  while (gone < 40 && !(await ofMei())) {
    await go(page)
    gone++
  }
  expect(await ofMei()).toBe(true)
  for (; gone > 0; gone--) await page.keyboard.press('Backspace')
  await more(page, 'Figures')
  await mei.click()
  await expect(page.getByText(/^\d+ moves left/)).toHaveText(`${alone} moves left`)
  const calendar = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Evenings as a calendar (ICS)' }).click()
  expect(await readFile(await (await calendar).path(), 'utf8')).toContain('BEGIN:VEVENT')
  await more(page, 'Paint')
  await page.getByText('Paint that is needed').click()
  await page.getByLabel('Left of titanium white, ml').fill('0.1')
  await page.keyboard.press('Tab')
  await expect(page.getByText(/it runs out at “/)).toBeVisible()
  const list = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Shopping list (text)' }).click()
  expect(await readFile(await (await list).path(), 'utf8')).toMatch(/1 × titanium white \(\d/)
  await closeMore(page)

  // To her base, which is mixed of bottles.
  for (let i = 0; i < 8 && (await title.innerText()) !== 'Mix Base'; i++)
    await page.keyboard.press('Space')
  await page.keyboard.press('m')
  await page.getByRole('radio', { name: 'In numbers' }).press('Space')
  await page.getByLabel('Its colour, hex or L a b').fill('45 30 25')
  await page.getByLabel('thinner to 1').fill('3')
  await page.getByLabel('titanium white', { exact: true }).fill('100')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('alert')).toContainText('Allowed is 0 to 99, not 100')
  await page.getByLabel('titanium white', { exact: true }).fill('7')
  await page.keyboard.press('Tab')
  const picture = testInfo.outputPath('well.png')
  await writeFile(
    picture,
    png(80, 60, () => [120, 90, 80]),
  )
  await give(page.getByRole('button', { name: 'A picture of it…' }), picture)
  await page.getByLabel('A word about it').press('Enter')
  const right = page.getByRole('region', { name: 'Put right' })
  await expect(right.getByText(/Off by \d+\.\d: put it right/)).toBeVisible()
  await expect(right.getByText(/[Aa]dd|start again/).first()).toBeVisible()
  await accessible(page)
  await page.getByRole('button', { name: 'Leave it as it is' }).click()
  // The mix takes what was left of the white; going back gives it back.
  await page.keyboard.press('Space')
  await more(page, 'Paint')
  await page.getByText('Paint that is needed').click()
  const white = async () => Number(await page.getByLabel('Left of titanium white, ml').inputValue())
  expect(await white()).toBeLessThan(0.09)
  await closeMore(page)
  await page.keyboard.press('Backspace')
  await more(page, 'Paint')
  await page.getByText('Paint that is needed').click()
  expect(await white()).toBeCloseTo(0.1, 6)
  await saved(page)

  await closeMore(page)
  await leaveTo(page, 'Log')
  await expect(page.getByText(/7 titanium white .*thinned 3 : 1/)).toBeVisible()
  await expect(page.getByRole('img', { name: /^Picture of / })).toBeVisible()
  await page.getByText('Again', { exact: true }).click()
  await page.getByLabel('Drops in all').fill('500')
  await page.keyboard.press('Tab')
  await expect(page.getByText('Allowed is 1 to 400, not 500.')).toBeVisible()
  await page.getByLabel('Drops in all').fill('200')
  await page.keyboard.press('Tab')
  await expect(page.getByText(/titanium white .* times over$/)).toBeVisible()
  await page.getByRole('button', { name: 'Keep it as a target' }).click()
  await expect(page.getByRole('button', { name: 'Kept under Tone' })).toBeVisible()
})
