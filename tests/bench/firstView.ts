import type { Page } from '@playwright/test'
import { plainOpenings } from './plainBrowser'
import { median } from './times'
import type { Ratio } from './rate'

const PROFILES = 5
const AGAINS = 3
/** What a first view may weigh over the wire, kB, fonts apart. */
const MOST_KB = 260

/** What a first view weighs over the wire, fonts apart. */
export async function weightBench(page: Page, one: string): Promise<Ratio[]> {
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
  return [
    {
      what: 'kB a first view may weigh, fonts apart',
      ours: MOST_KB,
      against: 'what it weighs',
      theirs: bytes / 1000,
      wanted: 1,
    },
  ]
}

/**
 * How soon the demo's ladder has its drops, with nothing kept and again, beside a page with nothing on it in the same
 * browser: what else the machine does slows both.
 */
export async function firstViewBench(): Promise<Ratio[]> {
  const { first, again } = await plainOpenings(PROFILES, AGAINS)
  return [
    { what: 'nothing kept', stands: first },
    { what: 'again, from another site', stands: again },
  ].map(({ what, stands }) => {
    const drops = stands.map((one) => one.drops)
    const [ms, least, most] = [median(drops), Math.min(...drops), Math.max(...drops)]
    return {
      what: `the demo's ladder with its drops, ${what}, per min (${ms.toFixed(0)} ms; ${least.toFixed(0)} to ${most.toFixed(0)})`,
      ours: 60_000 / ms,
      against: 'an empty page',
      theirs: 60_000 / median(stands.map(({ empty }) => empty)),
      wanted: 0.12,
    }
  })
}
