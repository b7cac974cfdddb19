import { expect } from '@playwright/test'
import type { Page } from '@playwright/test'

interface TraceEvent {
  name: string
  ph: string
  pid: number
  tid: number
  /** Processor time, µs. */
  tdur?: number
  args: { name?: string }
}

/** Tasks of the page's own thread that took more than 50 ms of processor time meanwhile, ms each. */
async function longTasks(page: Page, act: () => Promise<void>): Promise<number[]> {
  const browser = page.context().browser()!
  const categories = ['toplevel', 'disabled-by-default-devtools.timeline']
  await browser.startTracing(page, { categories })
  await act()
  const trace = JSON.parse((await browser.stopTracing()).toString()) as {
    traceEvents: TraceEvent[]
  }
  const place = ({ pid, tid }: TraceEvent): string => `${pid}/${tid}`
  const pages = new Set(
    trace.traceEvents
      .filter(({ name, args }) => name === 'thread_name' && args.name === 'CrRendererMain')
      .map(place),
  )
  const tasks = trace.traceEvents.filter((one) => one.name === 'RunTask' && pages.has(place(one)))
  expect(tasks.length).toBeGreaterThan(0)
  return tasks.map(({ tdur = 0 }) => Math.round(tdur / 1000)).filter((ms) => ms > 50)
}

/**
 * What is done takes no task of more than 50 ms on the page. It may be done three times: work on the page
 * itself would hold it each time, a stall of a busy machine does not.
 */
export async function neverHolds(page: Page, act: () => Promise<void>): Promise<void> {
  const held: number[][] = []
  for (let time = 0; time < 3; time++) {
    held.push(await longTasks(page, act))
    if (held.at(-1)!.length === 0) return
  }
  expect(held).toContainEqual([])
}
