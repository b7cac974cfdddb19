import type { Page } from '@playwright/test'

/** Starts to note every task that holds the page for more than 50 ms. */
export const watchLongTasks = (page: Page): Promise<void> =>
  page.evaluate(() => {
    const seen: number[] = []
    Object.assign(window, { longTasks: seen })
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) seen.push(Math.round(duration))
    }).observe({ type: 'longtask' })
  })

/** What was noted, ms each. */
export const longTasks = (page: Page): Promise<number[]> =>
  page.evaluate(() => (window as unknown as { longTasks: number[] }).longTasks)
