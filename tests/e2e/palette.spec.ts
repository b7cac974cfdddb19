import { readFile } from 'node:fs/promises'
import type { Locator, Page } from '@playwright/test'
import { thorough } from '../thorough'
import { again, accessible, expect, saved, settled, test } from './start'
import { leaveTo, now } from './benchRoom'

const palette = (page: Page): Locator => page.getByRole('region', { name: 'Palette' })
const well = (page: Page, name: string): Locator =>
  palette(page).getByRole('button', { name: new RegExp(`^${name}: `) })
const slot = (page: Page, what: string): Locator =>
  page.getByRole('button', { name: new RegExp(`^(Mix of|Put .* here:) ${what}`) })
const colourOf = (one: Locator): Promise<string> =>
  one.locator('.well').evaluate((dot) => getComputedStyle(dot).backgroundColor)

/** A hand that works with the mouse, and one that works with keys alone. */
const hands = {
  mouse: {
    pour: (page: Page, from: string, into: string) => well(page, from).dragTo(well(page, into)),
    put: async (page: Page, name: string, what: string) => {
      await slot(page, what).scrollIntoViewIfNeeded()
      await well(page, name).dragTo(slot(page, what))
    },
    open: (page: Page, name: string) => well(page, name).dblclick(),
    press: (one: Locator) => one.click(),
    more: (page: Page, what: string) =>
      page
        .getByRole('spinbutton', { name: `Drops of ${what}` })
        .getByText('+')
        .click(),
  },
  keys: {
    pour: async (page: Page, from: string, into: string) => {
      await well(page, from).focus()
      await page.keyboard.press('Enter')
      await well(page, into).focus()
      await page.keyboard.press('Enter')
    },
    put: async (page: Page, name: string, what: string) => {
      await well(page, name).focus()
      await page.keyboard.press('Enter')
      await slot(page, what).focus()
      await page.keyboard.press('Enter')
    },
    open: async (page: Page, name: string) => {
      await well(page, name).focus()
      await page.keyboard.press('F2')
    },
    press: async (one: Locator) => {
      await one.focus()
      await one.press('Enter')
    },
    more: (page: Page, what: string) =>
      page.getByRole('spinbutton', { name: `Drops of ${what}` }).press('ArrowUp'),
  },
} as const

const { mouse, keys } = hands
/** What is dragged with the mouse, the rest with keys; with THOROUGH=1 each by itself too. */
const both = { ...keys, pour: mouse.pour, put: mouse.put }
for (const [name, hand] of Object.entries({ both, ...(thorough ? hands : {}) }))
  test(`a mix of two puddles and a bottle, used in a coat, an accent and an eye, changed once, by ${name}`, async ({
    page,
  }) => {
    // Six rooms are gone through, one after the other.
    test.setTimeout(90_000)
    await page.goto('/ladder')
    await settled(page)
    await page.goto('/coats')
    await hand.pour(page, 'Glint', 'Base')
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('What it is called').fill('tea flesh')
    await dialog.getByLabel('Add a bottle or a mix').fill('burnt umber')
    await page.keyboard.press('Enter')
    await expect(dialog.getByRole('spinbutton', { name: 'Drops of burnt umber' })).toBeVisible()
    await accessible(page)
    await hand.press(dialog.getByRole('button', { name: 'Keep it' }))
    await expect(well(page, 'tea flesh')).toHaveAccessibleName(
      'tea flesh: 1 Base + 1 Glint + 1 burnt umber',
    )
    await hand.put(page, 'tea flesh', 'coat 3')
    await expect(slot(page, 'coat 3')).toContainText('tea flesh')

    await page.getByRole('link', { name: 'Accents', exact: true }).click()
    await page.getByRole('checkbox', { name: 'Lower lip', exact: true }).press('Space')
    const eye = page.getByRole('checkbox', { name: /^Eye, the white/ })
    await eye.press('Space')
    await expect(slot(page, 'Eye, the white of it, middle')).toBeVisible()
    await hand.put(page, 'tea flesh', 'Lower lip')
    await hand.put(page, 'tea flesh', 'Eye, the white of it, middle')
    await expect(slot(page, 'Lower lip')).toContainText('tea flesh')
    await expect(slot(page, 'Eye, the white of it, middle')).toContainText('tea flesh')
    await saved(page)
    await page.reload()
    await expect(slot(page, 'Lower lip')).toContainText('tea flesh')
    await expect.poll(() => colourOf(slot(page, 'Lower lip'))).not.toBe('rgba(0, 0, 0, 0)')
    const lip = await colourOf(slot(page, 'Lower lip'))
    expect(await colourOf(slot(page, 'Eye, the white of it, middle'))).toBe(lip)

    // One that is used stays: it says where.
    await hand.open(page, 'tea flesh')
    await expect(dialog.getByText(/^Used for/)).toHaveText(
      'Used for coat 3 of Isaura, ferrywoman, Lower lip of Isaura, ferrywoman, eye of Isaura, ferrywoman: it changes there too.',
    )
    await hand.press(dialog.getByRole('button', { name: 'Take it off the palette' }))
    await expect(dialog.getByRole('alert')).toContainText('It is used: coat 3 of Isaura')
    for (let i = 0; i < 4; i++) await hand.more(page, 'burnt umber')
    await hand.press(dialog.getByRole('button', { name: 'Keep it' }))
    await expect(well(page, 'tea flesh')).toHaveAccessibleName(/5 burnt umber$/)
    await expect.poll(() => colourOf(slot(page, 'Lower lip'))).not.toBe(lip)
    const changed = await colourOf(slot(page, 'Lower lip'))
    expect(await colourOf(slot(page, 'Eye, the white of it, middle'))).toBe(changed)
    await page.getByRole('link', { name: 'Coats', exact: true }).click()
    expect(await colourOf(slot(page, 'coat 3'))).toBe(changed)

    // On the card, at the bench and in the log, in one amount.
    await page.getByRole('link', { name: 'Ladder', exact: true }).click()
    await page.getByRole('link', { name: 'Card' }).click()
    const waiting = page.waitForEvent('download')
    await page.getByRole('button', { name: 'Save as drawing (SVG)' }).click()
    const svg = await readFile(await (await waiting).path(), 'utf8')
    const words = svg.replace(/<[^>]+>/g, ' ').replace(/\s+/g, ' ')
    const [, amount] = /tea flesh: ([^;]*burnt umber)/.exec(words)!
    await page.getByRole('link', { name: 'Bench', exact: true }).click()
    const title = page.getByRole('heading', { level: 1 })
    for (let i = 0; i < 20 && (await title.innerText()) !== 'Mix tea flesh'; i++) {
      await expect(title).toHaveText(/^(Mix|Base coat|Layer)/)
      await page.keyboard.press('Space')
    }
    const given = await now(page).locator('.tick > span:nth-child(2)').allInnerTexts()
    expect(given.join(' + ')).toBe(amount)
    await page.keyboard.press('n')
    await page.getByLabel('A word about it').fill('as planned')
    await page.keyboard.press('Enter')
    await saved(page)
    await leaveTo(page, 'Log')
    await expect(page.getByText(amount!)).toBeVisible()
    await page.reload()
    await expect(page.getByText('“as planned”')).toBeVisible()
  })

again(
  'a mix is said in words, found closest to a colour, and found again when a circle is refused',
  async ({ page }) => {
    await page.goto('/ladder')
    await settled(page)
    await page.goto('/coats')
    await palette(page).getByRole('button', { name: 'Mix another' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Say what goes in').fill('the flesh with a spot of blue')
    await dialog.getByRole('button', { name: 'Say it' }).click()
    const drops = (what: string) => dialog.getByRole('spinbutton', { name: `Drops of ${what}` })
    await expect(drops('Base')).toHaveAttribute('aria-valuetext', '4 drops')
    await expect(drops('ultramarine')).toHaveAttribute('aria-valuetext', '2 touches')
    await dialog.getByLabel('Say what goes in').fill('flesh with moonshine')
    await dialog.getByRole('button', { name: 'Say it' }).click()
    await expect(dialog.getByRole('alert').filter({ hasText: 'goes by “moonshine”' })).toBeVisible()
    await dialog.getByLabel('Closest to a colour').fill('#8d5f4a')
    await dialog.getByRole('button', { name: 'Find the closest' }).click()
    await expect(drops('Base')).toHaveCount(0)
    await dialog.getByLabel('What it is called').fill('brick')
    await dialog.getByRole('button', { name: 'Keep it' }).click()
    // The base is mixed of it now, so it cannot hold the base.
    await well(page, 'Base').focus()
    await page.keyboard.press('F2')
    await dialog.getByLabel('Add a bottle or a mix').fill('brick')
    await page.keyboard.press('Enter')
    await expect(drops('brick')).toBeVisible()
    await dialog.getByRole('button', { name: 'Keep it' }).click()
    await expect(well(page, 'Base')).toHaveAccessibleName(/1 brick$/)
    await well(page, 'brick').focus()
    await page.keyboard.press('F2')
    await dialog.getByLabel('Add a bottle or a mix').fill('Base')
    await expect(page.getByRole('option', { name: 'Base', exact: true })).toHaveCount(0)
    await page.keyboard.press('Escape')
  },
)
