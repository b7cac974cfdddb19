import type { Page } from '@playwright/test'
import { standsAt } from './browser'
import { median } from './times'
import type { Ratio } from './rate'

const ROUNDS = 5
/** What a first view may weigh over the wire, kB, fonts apart. */
const MOST_KB = 260

interface Stands {
  head: number
  drops: number
}

/** Milliseconds until the ladder's head stands, and until its drops do, from when the page is asked for. */
async function ladderMs(page: Page, ask: () => Promise<unknown>): Promise<Stands> {
  await ask()
  return {
    head: await standsAt(page, 'h1'),
    drops: await standsAt(page, '[role=spinbutton][aria-label$=drops]'),
  }
}

/** Until the browser keeps the whole application: what is still fetched for that would be measured with the next visit. */
const kept = (page: Page): Promise<unknown> =>
  page.evaluate(async () => void (await navigator.serviceWorker.ready))

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
  await kept(page)
  // From elsewhere: the browser begins anew with the page.
  const visited = async (): Promise<void> => {
    await page.goto('about:blank')
    await page.goto(`${other}/c/low-tide/ladder`, { waitUntil: 'commit' })
  }
  const several = async (
    ask: () => Promise<unknown>,
    before?: () => Promise<void>,
  ): Promise<Stands> => {
    const all: Stands[] = []
    for (let i = 0; i < ROUNDS; i++) {
      await before?.()
      await page.waitForTimeout(1500)
      all.push(await ladderMs(page, ask))
    }
    return {
      head: median(all.map(({ head }) => head)),
      drops: median(all.map(({ drops }) => drops)),
    }
  }
  /** As if it had never been there. */
  const forget = async (): Promise<void> => {
    await kept(page)
    await page.goto('about:blank')
    await session.send('Network.clearBrowserCache')
    await session.send('Storage.clearDataForOrigin', { origin: other, storageTypes: 'all' })
  }
  await visited()
  const cold = await several(visited, forget)
  await kept(page)
  const again = await several(visited)
  const reloaded = await several(() => page.reload({ waitUntil: 'commit' }))
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
      { what: 'nothing kept', times: cold, wanted: 0.5 },
      { what: 'again', times: again, wanted: 0.85 },
      { what: 'in the same tab', times: reloaded, wanted: 0.75 },
    ].map(({ what, times, wanted }) => ({
      what: `the demo's ladder with its drops, ${what}, per min (${times.drops.toFixed(0)} ms)`,
      ours: 60_000 / times.drops,
      against: 'its head alone',
      theirs: 60_000 / times.head,
      wanted,
    })),
  ]
}
