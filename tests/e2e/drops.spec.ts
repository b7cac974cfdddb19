import { execFileSync } from 'node:child_process'
import type { Page } from '@playwright/test'
import { expect, openLadder, saved, settled, test, wholeLadder } from './start'
import { closeMore, go, leaveTo, left, more, now } from './benchRoom'

/** What is poured of a puddle, line by line, as a room writes it: “2½ titanium white”, “a touch of burnt umber”. */
const LINE = /^(\d+½?|½|an?|\d+ touches of) /
const linesIn = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => LINE.test(line))
/** Drops that a line says. */
function drops(line: string): number {
  const [, many, half, touches] = /^(\d*)(½?) ?(touch(?:es)? of)?/.exec(
    line.replace(/^an? /, '1 '),
  )!
  return (Number(many) + (half ? 0.5 : 0)) * (touches ? 0.1 : 1)
}
const bottle = (line: string): string => line.replace(LINE, '').replace(/^touch of /, '')

/** The puddle path’s own lines of a mix. */
async function onPath(page: Page, name: string): Promise<string[]> {
  const mix = page
    .getByRole('region', { name: 'Puddle path' })
    .getByRole('listitem')
    .filter({ hasText: `Mix ${name}` })
  return linesIn(await mix.locator('.parts').innerText())
}

test('one puddle has the same drops in the same words on ladder, path, card, bench, stock and in the log', async ({
  page,
}, testInfo) => {
  const NAME = 'Half-shade'
  await openLadder(page)
  const rows = page.getByRole('spinbutton', { name: new RegExp(` in ${NAME}, drops$`) })
  await expect(rows.first()).toBeVisible()
  await page.getByRole('link', { name: 'Puddle path', exact: true }).click()
  await settled(page)
  await expect.poll(async () => (await onPath(page, NAME)).length).toBeGreaterThan(1)
  const poured = await onPath(page, NAME)
  const totals = await page.getByText(/drops out of bottles in all/).innerText()
  const needed = Number(/([\d.]+) ml titanium white/.exec(totals)![1])
  expect(needed).toBeGreaterThan(0)

  // The ladder says the mix; what is poured keeps its ratio as far as drops are even.
  await page.getByRole('link', { name: 'Steps', exact: true }).click()
  await wholeLadder(page)
  const mixed = await rows.evaluateAll((cells) =>
    cells.map((cell) => [
      cell.getAttribute('aria-label')!,
      Number(cell.getAttribute('aria-valuenow') ?? (cell as HTMLInputElement).value),
    ]),
  )
  const size = poured.reduce((sum, line) => sum + drops(line), 0)
  const inMix = mixed.filter(([, many]) => Number(many) > 0)
  const whole = inMix.reduce((sum, [, many]) => sum + Number(many), 0)
  expect(inMix).toHaveLength(poured.length)
  for (const [label, many] of inMix) {
    const line = poured.find((one) => String(label).includes(bottle(one)))!
    const out = drops(line) / size / (Number(many) / whole) - 1
    expect(Math.abs(out), `${line} of ${many} in ${whole}`).toBeLessThan(0.13)
  }

  await page.getByRole('link', { name: 'Card', exact: true }).click()
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as PDF' }).click()
  const pdf = testInfo.outputPath('card.pdf')
  await (await waiting).saveAs(pdf)
  // Poppler reads it, which shares nothing with what wrote it.
  const printed = execFileSync('pdftotext', ['-layout', pdf, '-']).toString()
  for (const line of poured) expect(printed.replace(/\s+/g, ' ')).toContain(line)

  await saved(page)
  await page.getByRole('link', { name: 'Bench', exact: true }).click()
  await expect.poll(() => left(page)).toBeGreaterThan(3)
  await more(page, 'Paint')
  await page.getByText('Paint that is needed').click()
  const stock = page.getByRole('row', { name: /titanium white/ })
  await expect(stock).toContainText(`${needed.toFixed(2)}`)
  await closeMore(page)
  const title = page.getByRole('heading', { level: 1 })
  for (let i = 0; i < 8 && (await title.innerText()) !== `Mix ${NAME}`; i++) await go(page)
  expect(linesIn(await now(page).innerText()).slice(0, poured.length)).toEqual(poured)
  await page.keyboard.press('m')
  await page.getByRole('radio', { name: 'In numbers' }).press('Space')
  await page.getByLabel('Its colour, hex or L a b').fill('50 20 20')
  await page.getByLabel('A word about it').press('Enter')
  await page.getByRole('button', { name: 'Leave it as it is' }).click()
  await leaveTo(page, 'Log')
  await expect(page.getByText(poured.join(' + ')).first()).toBeVisible()
})
