import { accessible, expect, openLadder, saved, settled, tabTo, test } from './start'

test('by keys from anywhere: rooms, figures, what is undone, what can be gone to, and the list of keys', async ({
  page,
}) => {
  await openLadder(page)
  const heading = page.getByRole('heading', { level: 1 })
  await page.keyboard.press(']')
  await expect(heading).toContainText('Old Bram')
  await page.keyboard.press('[')
  await expect(heading).toContainText('Isaura')
  await page.keyboard.press('3')
  await expect(page).toHaveURL(/\/box$/)

  // Anything by the beginnings of its words.
  const field = page.getByRole('combobox', { name: 'Room, figure, paint, mix or action' })
  const go = async (words: string) => {
    await page.keyboard.press('Control+k')
    await field.fill(words)
    await expect(page.getByRole('option').first()).toBeVisible()
    await accessible(page)
    await page.keyboard.press('Enter')
    await expect(field).toBeHidden()
  }
  await go('coa')
  await expect(page).toHaveURL(/\/coats$/)
  await go('tun')
  await expect(heading).toContainText('Tunde')
  await go('burnt umb')
  await expect(page.getByRole('region', { name: 'About burnt umber' })).toBeVisible()

  // What goes back is said.
  await page.keyboard.press('5')
  await page.getByRole('tab', { name: 'Light', exact: true }).click()
  await page.getByRole('slider', { name: 'Contrast' }).focus()
  await page.keyboard.press('Home')
  await saved(page)
  await page.keyboard.press('Control+z')
  await expect(page.getByText('Undone: contrast of Tunde.')).toBeVisible()

  // A letter typed into a field is a letter.
  await page.getByRole('link', { name: 'Log', exact: true }).click()
  await page.getByRole('heading', { level: 1 }).click()
  await page.keyboard.press('?')
  const list = page.getByRole('dialog', { name: 'Log' })
  await expect(list).toContainText('undo; with Shift redo')
  await expect(list).toContainText('How different two colours look')
  await accessible(page)
  await page.keyboard.press('Escape')
  await expect(list).toBeHidden()

  // What a button does is said beside it, to keys as to a mouse, and goes with Escape.
  const help = page.getByRole('button', { name: 'Help' })
  await page.getByRole('link', { name: 'To the room' }).focus()
  await tabTo(page, 'Help')
  const said = page.getByRole('tooltip').filter({ hasText: 'Help and keys' })
  await expect(said).toBeVisible()
  await expect(help).toHaveAttribute('aria-description', 'Help and keys (?)')
  await accessible(page)
  await page.keyboard.press('Escape')
  await expect(said).toBeHidden()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Show me round' }).click()
  const slip = page.locator('.el-tour__content')
  for (const room of ['Figures', 'Box', 'Tone', 'Ladder', 'Range', 'Coats', 'Bench']) {
    await expect(slip).toContainText(room)
    if (room === 'Figures') await accessible(page)
    await slip.getByRole('button', { name: /^(Next|Begin)$/ }).click()
  }
  await expect(slip).toHaveCount(0)
})

test('the drops of a ladder are one stop for Tab, and the rooms can be skipped', async ({
  page,
}) => {
  await openLadder(page)
  const stops = page.locator('.ladder [role=spinbutton][tabindex="0"]')
  await expect(stops).toHaveCount(1)
  await stops.focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('PageDown')
  await expect(stops).toHaveCount(1)
  await expect(stops).toBeFocused()
  await page.reload()
  await settled(page)
  await page.keyboard.press('Tab')
  await expect(page.getByRole('link', { name: 'To the room' })).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('main')).toBeFocused()
})
