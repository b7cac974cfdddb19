import type { Page } from '@playwright/test'
import { blankFigure, figureLink, paintOfRecord, recordOf, starterPaints } from '../../core'
import type { Paint, Project } from '../../core'
import {
  accessible,
  expect,
  openLadder,
  paintMany,
  pick,
  saved,
  settled,
  test,
  wholeLadder,
} from './start'

/** What is given of every bottle in every step, as the ladder says it. */
async function drops(page: Page): Promise<string[]> {
  await settled(page)
  await wholeLadder(page)
  const cells = page.getByRole('spinbutton', { name: /, drops$/ })
  return cells.evaluateAll((all) =>
    all
      .map((cell) => [
        cell.getAttribute('aria-label'),
        cell.getAttribute('aria-valuenow') ?? (cell as HTMLInputElement).value,
      ])
      .filter(([, many]) => Number(many) > 0)
      .map((one) => one.join(' '))
      .sort(),
  )
}

test('a figure is handed on by a link: the same drops in another browser, and no server sees it', async ({
  page,
  browser,
}) => {
  await openLadder(page)
  const sent = await drops(page)
  expect(sent.length).toBeGreaterThan(10)
  await page.getByRole('link', { name: 'Card', exact: true }).click()
  await page.getByRole('button', { name: 'Copy a link to this figure' }).click()
  const link = await page.getByLabel('Link to this figure').inputValue()
  expect(link.length).toBeLessThanOrEqual(2000)
  await page.getByRole('checkbox', { name: 'with a code to scan' }).press('Space')
  await expect(page.getByRole('img', { name: /Recipe card/ })).toHaveAttribute('src', /%3Cpath/)
  await accessible(page)

  const other = await browser.newContext({ serviceWorkers: 'block' })
  const there = await other.newPage()
  const asked: string[] = []
  there.on('request', (request) => asked.push(request.url() + (request.postData() ?? '')))
  await there.goto(link)
  await expect(there.getByRole('heading', { name: 'Isaura, ferrywoman' })).toBeVisible()
  await expect(there.getByRole('list', { name: /Its ladder/ }).getByRole('listitem')).toHaveCount(7)
  await accessible(there)
  await there.getByRole('button', { name: 'Put it there' }).click()
  await expect(there.getByRole('heading', { name: 'Isaura, ferrywoman' })).toBeVisible()
  await expect.poll(() => drops(there)).toEqual(sent)
  const [, end] = link.split('#')
  expect(asked.filter((one) => one.includes(end!.slice(0, 40)))).toEqual([])
  await other.close()
})

test('bottles of the sender’s own are matched to one’s own, in one change that undo takes back; a broken link says why', async ({
  page,
}) => {
  const umber = starterPaints.find(({ id }) => id === 'burnt-umber')!
  const mud: Paint = { ...paintOfRecord(recordOf(umber)), id: 'mud-of-theirs', name: 'river mud' }
  const ash: Paint = {
    ...{ ...mud, id: 'ash-of-theirs', name: 'night ash', pigments: ['PB60'] },
    K: mud.K.map((k, i) => 0.2 * k * (1 + 0.09 * i)),
  }
  const figure = {
    ...{ id: 'heron', name: 'Heron warden', note: '', kind: 'person', many: 2 },
    size: { heightMm: 75 },
    tone: { kind: 'skin', melanin: 0.03, blood: 0.03, oxygenation: 0.75, carotene: 10 },
    plan: blankFigure('heron').plan,
  }
  const project = { figures: [figure], puddles: [] } as unknown as Project
  const base = [mud, ash].map(({ id }, i) => ({ of: { bottle: id }, drops: 2 + i }))
  const link = figureLink(project, 'heron', new Map([['base', base]]), (id) =>
    [mud, ash].find((one) => one.id === id)!,
  )
  await openLadder(page)
  await paintMany(page, 2)
  await page.goto(`/given#${link}`)
  await expect(page.getByRole('heading', { name: 'Heron warden' })).toBeVisible()
  const theirs = page.getByRole('region', { name: /sender’s own/ }).getByRole('listitem')
  // One is as good as burnt umber, nothing here is like the other.
  await expect(theirs.first()).toContainText('burnt umber')
  await expect(theirs.nth(1)).toContainText('bring it along')
  await pick(page, 'Put it into', 'Low Tide')
  await accessible(page)
  await page.getByRole('button', { name: 'Put it there' }).click()
  await settled(page)
  await wholeLadder(page)
  await expect(page.getByRole('heading', { name: 'Heron warden' })).toBeVisible()
  const given = (name: string) => page.getByRole('spinbutton', { name: `${name} in Base, drops` })
  await expect(given('burnt umber')).toHaveAttribute('aria-valuenow', '2')
  await expect(given('night ash')).toHaveAttribute('aria-valuenow', '3')
  await saved(page)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('heading', { name: 'Isaura, ferrywoman' })).toBeVisible()
  await page.goto('/box')
  await expect(page.getByText('night ash')).toHaveCount(0)

  await page.goto(`/given#${link.slice(0, -30)}`)
  await expect(page.getByRole('alert')).toContainText('is not whole')
  await accessible(page)
})
