import type { Page } from '@playwright/test'
import { fillShelf } from '../fixtures/fullShelf'
import { openMs } from './browser'
import { median } from './times'
import type { Ratio } from './rate'

const ROUNDS = 7

/** Milliseconds from a letter typed until what it finds is drawn. */
const typedMs = (page: Page, label: string, letter: string): Promise<number> =>
  page.evaluate(
    ([label, letter]) =>
      new Promise<number>((resolve) => {
        const field = document.querySelector<HTMLInputElement>(`input[aria-label="${label}"]`)!
        const start = performance.now()
        field.value += letter
        field.dispatchEvent(new Event('input', { bubbles: true }))
        // The frame that is due next has the answer in it; the one after it says when that was drawn.
        requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - start)))
      }),
    [label, letter] as const,
  )

/** A shelf of 200 commissions, one of 500 figures, beside one with the demo alone; per minute, so 120 is half a second. */
export async function shelfBench(page: Page, full: string, small: string): Promise<Ratio[]> {
  for (const at of [full, small]) {
    await page.goto(`${at}/ladder`)
    await page
      .getByRole('status')
      .filter({ hasText: /^Saved$/ })
      .waitFor()
    await page.goto(`${at}/`)
    await page.getByRole('heading', { name: 'Low Tide' }).waitFor()
  }
  await page.goto(`${full}/`)
  await fillShelf(page)
  const [one, other]: [number[], number[]] = [[], []]
  for (let i = 0; i < ROUNDS; i++) {
    one.push(await openMs(page, `${full}/`, 'h2'))
    other.push(await openMs(page, `${small}/`, 'h2'))
  }
  const typed = async (address: string, label: string): Promise<number> => {
    await page.goto(address)
    await page.locator(`input[aria-label="${label}"]`).waitFor()
    await page.waitForTimeout(1500)
    const times: number[] = []
    for (const letter of 'soldier 12') times.push(await typedMs(page, label, letter))
    return median(times)
  }
  const shelf = await typed(`${full}/`, 'Find a commission or a figure')
  const figures = await typed(`${full}/c/shelf-100/figures`, 'Find a figure')
  return [
    {
      what: 'shelf of 200 commissions opened, per min (120 is half a second)',
      ours: 60_000 / median(one),
      against: 'with the demo alone',
      theirs: 60_000 / median(other),
      wanted: 0.5,
    },
    ...(
      [
        ['letters that find a figure among 200 commissions, per s', shelf],
        ['letters that find one of 500 figures, per s', figures],
      ] as const
    ).map(([what, ms]) => ({
      what,
      ours: 1000 / ms,
      against: 'frames of a slow screen, per s',
      theirs: 30,
      wanted: 1,
    })),
  ]
}
