import type { Page } from '@playwright/test'
import { median } from './times'
import type { Ratio } from './rate'

const PRESSES = 12

/**
 * Milliseconds from an arrow key on a slider until the drops of every step are those of the ladder it makes: the last
 * change of a drop, or of how far off a step is, in the second after it. Nothing where none changed.
 */
const pressedMs = (page: Page, slider: string, key: string): Promise<number | undefined> =>
  page.evaluate(
    async ([slider, key]) => {
      const handle = document.querySelector<HTMLElement>(`[role=slider][aria-label="${slider}"]`)!
      const start = performance.now()
      let last: number | undefined
      const watch = new MutationObserver((changes) => {
        const told = changes.some(({ target }) =>
          (target instanceof Element ? target : target.parentElement)?.closest(
            '[role=spinbutton], [aria-label=Mixing]',
          ),
        )
        if (told) last = performance.now() - start
      })
      watch.observe(document.querySelector('main')!, {
        subtree: true,
        childList: true,
        characterData: true,
        attributes: true,
      })
      handle.focus()
      handle.dispatchEvent(new KeyboardEvent('keydown', { key, code: key, bubbles: true }))
      await new Promise((resolve) => setTimeout(resolve, 1000))
      watch.disconnect()
      return last
    },
    [slider, key] as const,
  )

/** How soon a slider shows its puddles, as ladders per 1000 s; five a second is 200 ms. */
export async function sliderBench(page: Page, one: string): Promise<Ratio[]> {
  await page.goto(`${one}/ladder`)
  await page.locator('[role=spinbutton]').first().waitFor()
  await page.waitForTimeout(3000)
  const times: number[] = []
  for (let i = 0; i < PRESSES; i++) {
    const ms = await pressedMs(
      page,
      'How far it turns',
      i < PRESSES / 2 ? 'ArrowRight' : 'ArrowLeft',
    )
    if (ms !== undefined) times.push(ms)
  }
  return [
    {
      what: `a slider's puddles on the ladder, per 1000 s (${median(times).toFixed(0)} ms, ${Math.max(...times).toFixed(0)} at most; of ${PRESSES} presses ${times.length} moved one)`,
      ours: 1e6 / median(times),
      against: 'in 200 ms',
      theirs: 5000,
      // A software renderer draws the form meanwhile.
      wanted: 0.9,
    },
  ]
}
