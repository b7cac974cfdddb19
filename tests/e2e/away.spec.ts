import { many } from '../thorough'
import { accessible, expect, openLadder, test, wholeLadder } from './start'

test.use({ faulty: true })

const SAID = /could not be loaded/
const files = [
  ['drops', '/ladder', /recipeWorker/],
  ['the form', '/ladder', /forms\/.*\.glb/],
  ['rows', '/range', /recipeWorker/],
  ['skins', '/tone', /toneWorker/],
  ['methods', '/coats', /coatsWorker/],
] as const
for (const [what, room, file] of files.slice(0, many(5, 1)))
  test(`a file that does not come is said, and the room stands: ${what}`, async ({ page }) => {
    await page.route(file, (route) => route.abort())
    await page.goto(room)
    const said = page.getByRole('alert').or(page.getByRole('status')).filter({ hasText: SAID })
    await expect(said.first()).toBeVisible()
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    // What was away is asked for anew by the next visit.
    await page.unroute(file)
    await page.reload()
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await expect(page.getByText(/Looking for|Mixing…/)).toHaveCount(0)
    await expect(said).toHaveCount(0)
  })

test('what was found last stands at once, with nobody to find it', async ({ page }) => {
  await openLadder(page)
  const drops = page.getByRole('spinbutton', { name: /drops/ })
  const read = (): Promise<(string | null)[]> =>
    drops.evaluateAll((cells) => cells.map((cell) => cell.getAttribute('aria-valuenow')))
  const found = await read()
  expect(found.length).toBeGreaterThan(10)
  await page.route(/recipeWorker/, (route) => route.abort())
  await page.reload()
  await expect(drops.first()).toBeVisible()
  await wholeLadder(page)
  expect(await read()).toEqual(found)
  // That it cannot be found again is said.
  await expect(page.getByRole('status', { name: 'Mixing' })).toContainText('could not be loaded')
  expect(await read()).toEqual(found)
})

test('where site data is blocked the page says so and what helps', async ({ page }) => {
  await page.addInitScript(() => {
    for (const name of ['localStorage', 'sessionStorage', 'indexedDB'])
      Object.defineProperty(window, name, {
        get: () => {
          throw new DOMException('Access is denied for this document.', 'SecurityError')
        },
      })
  })
  for (const room of ['/', '/ladder']) {
    await page.goto(room)
    await expect(
      page.getByRole('heading', { name: 'This browser blocks site data here' }),
    ).toBeVisible()
    await expect(page.getByText(/Allow site data \(cookies\) for localhost/)).toBeVisible()
    await accessible(page)
    await expect(page.getByRole('button', { name: 'Load again' })).toBeEnabled()
  }
})

test('a room and a part that did not come are asked for again where they are missed', async ({
  page,
}) => {
  await page.goto('/figures')
  await page.route(/BoxView/, (route) => route.abort())
  await page.getByRole('link', { name: 'Box' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'The room Box' })).toBeVisible()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Low Tide')
  await page.unroute(/BoxView/)
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page).toHaveURL(/\/box$/)
  await expect(page.getByRole('alert')).toHaveCount(0)

  await page.route(/FileMenu/, (route) => route.abort())
  await page.goto('/figures')
  const part = page.getByRole('alert').filter({ hasText: 'This part could not be loaded' })
  await expect(part.first()).toBeVisible()
  await page.unroute(/FileMenu/)
  await part.first().getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByRole('button', { name: 'Files' })).toBeEnabled()
  await expect(part).toHaveCount(0)
})

test('an application that never comes is said in the page itself, and so is storage that never answers', async ({
  page,
}) => {
  await page.route(/assets\/.*\.js/, (route) => route.abort())
  await page.goto('/ladder')
  const late = page.getByRole('heading', { name: 'Cobaltfinch is not here yet' })
  await expect(late).toBeVisible()
  await accessible(page)
  await page.unroute(/assets/)
  await page.unrouteAll()
  await page.getByRole('link', { name: 'load the page again' }).click()
  await expect(page.getByRole('heading', { name: 'Isaura, ferrywoman' })).toBeVisible()
  await expect(late).toHaveCount(0)

  await page.addInitScript(() => {
    // A request that nobody answers.
    IDBFactory.prototype.open = () => new EventTarget() as IDBOpenDBRequest
  })
  await page.clock.install()
  await page.reload()
  await expect(page.getByRole('navigation', { name: 'Rooms' })).toBeVisible()
  await page.clock.fastForward(9000)
  await expect(page.getByRole('alert')).toContainText('storage does not answer')
})
