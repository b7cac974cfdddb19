import { expect, test as base } from '@playwright/test'

/** Files that do not come are told to the console by the browser: that is no trouble of ours here. */
const test = base

const SAID = /could not be loaded/
for (const [what, room, file] of [
  ['drops', '/ladder', /recipeWorker/],
  ['rows', '/range', /recipeWorker/],
  ['skins', '/tone', /toneWorker/],
  ['methods', '/coats', /coatsWorker/],
  ['the form', '/ladder', /forms\/.*\.glb/],
] as const)
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
