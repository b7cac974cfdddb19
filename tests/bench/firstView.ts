import type { Page } from '@playwright/test'
import { median } from './times'
import type { Ratio } from './rate'

const ROUNDS = 5
/** What a first view may weigh over the wire, kB, fonts apart. */
const MOST_KB = 260

/** Milliseconds until the ladder's head stands, and until its drops do. */
async function ladderMs(page: Page, address: string): Promise<{ head: number; drops: number }> {
  await page.goto('about:blank')
  await page.goto(address, { waitUntil: 'commit' })
  const since = (): Promise<number> => page.evaluate(() => performance.now())
  await page.locator('h1').waitFor()
  const head = await since()
  await page.locator('[role=spinbutton][aria-label$=drops]').first().waitFor()
  return { head, drops: await since() }
}

/** The first view's weight, and how soon the demo's ladder has its drops: with nothing cached, and again. */
export async function firstViewBench(page: Page, one: string, other: string): Promise<Ratio[]> {
  const session = await page.context().newCDPSession(page)
  await session.send('Network.enable')
  const kinds = new Map<string, string>()
  let bytes = 0
  session.on('Network.responseReceived', ({ requestId, type }) => kinds.set(requestId, type))
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (kinds.get(requestId) !== 'Font') bytes += encodedDataLength
  })
  await page.goto(`${one}/`)
  await page.waitForTimeout(2500)
  const weight = bytes / 1000
  const ladder = (address: string) => `${address}/c/low-tide/ladder`
  const cold = await ladderMs(page, ladder(other))
  await page.waitForTimeout(2500)
  const warm: { head: number; drops: number }[] = []
  for (let i = 0; i < ROUNDS; i++) {
    warm.push(await ladderMs(page, ladder(other)))
    await page.waitForTimeout(1500)
  }
  const again = {
    head: median(warm.map(({ head }) => head)),
    drops: median(warm.map(({ drops }) => drops)),
  }
  return [
    {
      what: 'kB a first view may weigh, fonts apart',
      ours: MOST_KB,
      against: 'what it weighs',
      theirs: weight,
      wanted: 1,
    },
    ...[
      // What was found last stands with the head; the first time it is found first.
      { what: 'nothing cached', times: cold, wanted: 0.5 },
      { what: 'again', times: again, wanted: 0.85 },
    ].map(({ what, times, wanted }) => ({
      what: `the demo's ladder with its drops, ${what}, per min (${times.drops.toFixed(0)} ms)`,
      ours: 60_000 / times.drops,
      against: 'its head alone',
      theirs: 60_000 / times.head,
      wanted,
    })),
  ]
}
