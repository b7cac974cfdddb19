import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, expect, test as base } from '@playwright/test'
import type { BrowserContext, FileChooser, Locator, Page, TestInfo } from '@playwright/test'
import axe from 'axe-core'
import { ONE_COLLECTOR } from '../../playwright.config'
import { thorough } from '../thorough'

/** What a page knows of WebGL where no test looks at a form: a software renderer would draw it all the same. */
const noForms = (): void => {
  const made = HTMLCanvasElement.prototype.getContext as (...given: unknown[]) => unknown
  HTMLCanvasElement.prototype.getContext = function (this: HTMLCanvasElement, ...given: unknown[]) {
    return String(given[0]).startsWith('webgl') ? null : made.apply(this, given)
  } as typeof HTMLCanvasElement.prototype.getContext
}

interface Watched {
  /** Forms are drawn: for tests that look at them. */
  forms: boolean
  /** What the browser says in its console is no trouble: for tests that take files away from it. */
  faulty: boolean
  /** A browser of its own, for what cannot be taken back from a profile: a clock that was set. */
  apart: boolean
}

/**
 * Every page is watched: no console error, and no request that leaves the machine. One browser profile serves a
 * worker's tests, emptied before each, so that what it has compiled of the application is not compiled again.
 */
export const test = base.extend<Watched & { page: Page }, { profile: BrowserContext }>({
  forms: [false, { option: true }],
  faulty: [false, { option: true }],
  apart: [false, { option: true }],
  profile: [
    async ({ browserName }, use, { project }) => {
      const dir = await mkdtemp(join(tmpdir(), `${browserName}-`))
      const { launchOptions, viewport, baseURL, serviceWorkers } = project.use
      const profile = await chromium.launchPersistentContext(dir, {
        ...launchOptions,
        viewport,
        baseURL,
        serviceWorkers,
        reducedMotion: 'reduce',
      })
      await use(profile)
      await profile.close()
      await rm(dir, { recursive: true, force: true })
    },
    { scope: 'worker' },
  ],
  context: async (
    { profile, apart, isMobile, hasTouch, viewport, serviceWorkers, baseURL },
    use,
    { project, tags },
  ) => {
    // Long tasks are traced through a browser of the test's own.
    if (apart || tags.includes('@traced') || isMobile || serviceWorkers === 'allow') {
      const { args, ...options } = project.use.launchOptions!
      const own = tags.includes('@traced') ? args?.filter((arg) => arg !== ONE_COLLECTOR) : args
      const browser = await chromium.launch({ ...options, args: own })
      await use(await browser.newContext({ isMobile, hasTouch, viewport, serviceWorkers, baseURL }))
      return browser.close()
    }
    const page = await profile.newPage()
    for (const other of profile.pages()) if (other !== page) await other.close()
    const session = await profile.newCDPSession(page)
    await session.send('Storage.clearDataForOrigin', {
      origin: baseURL!,
      storageTypes: 'local_storage,indexeddb,cookies,file_systems,cache_storage,websql',
    })
    await session.detach()
    await use(profile)
    await profile.unrouteAll({ behavior: 'ignoreErrors' })
    await profile.setOffline(false)
  },
  page: async ({ context, forms, faulty }, use) => {
    const page = await context.newPage()
    if (!forms) await page.addInitScript(noForms)
    const trouble: string[] = []
    page.on('console', (message) => {
      if (message.type() === 'error' && !(!forms && message.text().includes('WebGL')))
        trouble.push(`console: ${message.text()}`)
    })
    page.on('pageerror', (error) => trouble.push(`error: ${error.message}`))
    page.on('request', (request) => {
      if (!/^(http:\/\/localhost:|blob:http:\/\/localhost:|data:)/.test(request.url()))
        trouble.push(`request: ${request.url()}`)
    })
    await use(page)
    await page.close()
    if (!faulty) expect(trouble).toEqual([])
  },
})

export { expect }

interface Session {
  page: Page
  context: BrowserContext
}
/** A test of what others prove too, on another path or of less: made with THOROUGH=1. */
export function again(
  title: string,
  body: (session: Session, info: TestInfo) => Promise<void>,
): void {
  if (thorough) test(title, body)
}

/** Opens the ladder and waits until every step has its drops. */
export async function openLadder(page: Page): Promise<void> {
  await page.goto('/ladder')
  await settled(page)
  await wholeLadder(page)
}
/** The rows of a ladder come one after the other. */
export const wholeLadder = (page: Page): Promise<void> =>
  expect(page.locator('.ladder[aria-busy=false]')).toBeVisible()

/** The figure that is open is one of so many that are painted alike. */
export async function paintMany(page: Page, many: number): Promise<void> {
  await page.getByRole('button', { name: /change name, size and number/ }).click()
  await page.getByLabel('How many of it').fill(String(many))
  await page.keyboard.press('Enter')
  await saved(page)
  await page.keyboard.press('Escape')
  await page.getByRole('main').focus()
}

/** Waits until the search has answered. */
export async function settled(page: Page): Promise<void> {
  const status = page.getByRole('status', { name: 'Mixing' })
  await expect(status).toHaveText(/\S/)
  await expect(status).not.toContainText('Looking')
}

export const saved = (page: Page) =>
  expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()

const WCAG: axe.RunOptions = {
  runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
  rules: { 'heading-order': { enabled: true } },
  resultTypes: ['violations'],
}

/**
 * WCAG 2.2 A and AA by axe, which a page is given once, when what was on its way in or out has come to rest.
 * @param contrast of letters too, which takes as long as all the rest; each room is asked for it once.
 */
export async function accessible(page: Page, contrast = thorough): Promise<void> {
  await page.evaluate(() => {
    const ends = ({ playState, effect }: Animation) =>
      playState === 'running' && effect?.getComputedTiming().iterations !== Infinity
    const running = document.getAnimations().filter(ends)
    return Promise.allSettled(running.map(({ finished }) => finished))
  })
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source)
  const { violations } = await page.evaluate(
    (options) => (window as unknown as { axe: typeof axe }).axe.run(document, options),
    { ...WCAG, rules: { ...WCAG.rules, 'color-contrast': { enabled: contrast } } },
  )
  expect(
    violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' ')}`),
  ).toEqual([])
}

/** Walks with Tab until what has the focus has this name. */
export async function tabTo(page: Page, name: string | RegExp): Promise<void> {
  for (let i = 0; i < 160; i++) {
    await page.keyboard.press('Tab')
    const here = await page.evaluate(() => {
      const at = document.activeElement as HTMLElement
      const label = (at as HTMLSelectElement).labels?.[0]?.textContent
      return (at.getAttribute('aria-label') ?? label ?? at.textContent ?? '').trim()
    })
    if (typeof name === 'string' ? here.startsWith(name) : name.test(here)) return
  }
  throw new Error(`Tab never came to “${String(name)}”`)
}

/** Opens the Files menu and chooses a line of it. */
export async function chooseFile(page: Page, line: string): Promise<void> {
  await page.getByRole('button', { name: 'Files' }).click()
  await page.getByRole('menuitem', { name: line }).click()
}

type Given = Parameters<FileChooser['setFiles']>[0]

/** Gives a file to a button that asks for one. */
export async function give(button: Locator, file: Given): Promise<void> {
  const chooser = button.page().waitForEvent('filechooser')
  await button.click()
  await (await chooser).setFiles(file)
}

/** Opens a commission from a file: by the Files menu, or by the button of the shelf. */
export async function openCommission(page: Page, file: Given): Promise<void> {
  const menu = page.getByRole('button', { name: 'Files' })
  await expect(menu.or(page.getByRole('button', { name: /^Open a/ })).first()).toBeVisible()
  if ((await menu.count()) === 0) return give(page.getByRole('button', { name: /^Open a/ }), file)
  await menu.click()
  await give(page.getByRole('menuitem', { name: /^Open a project/ }), file)
}

/** Chooses a line of a select. */
export async function pick(where: Page | Locator, label: string, line: string): Promise<void> {
  const page = 'page' in where ? where.page() : where
  const box = where.getByRole('combobox', { name: label, exact: true })
  await box.focus()
  await box.press('Enter')
  await page.getByRole('option', { name: line }).first().click()
}

/** What a select shows. */
export function picked(where: Page | Locator, label: string): Locator {
  const page = 'page' in where ? where.page() : where
  return where
    .locator('.el-select')
    .filter({ has: page.getByRole('combobox', { name: label, exact: true }) })
}

/** Ticks, or unticks, by the key that a painter would. */
export const tick = (where: Page | Locator, label: string | RegExp): Promise<void> =>
  where.getByRole('checkbox', { name: label, exact: true }).press('Space')

/** Opens a leaf of the ladder's settings. */
export const leaf = (page: Page, name: 'Shadow' | 'Light' | 'Mixing' | 'Bottles'): Promise<void> =>
  page.getByRole('tab', { name, exact: true }).click()
