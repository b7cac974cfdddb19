import type { Page } from '@playwright/test'
import { plainOpenings } from './plainBrowser'
import type { Stands } from './plainBrowser'
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

/** How soon the demo's ladder has its drops: with nothing kept, and again. */
export async function firstViewBench(): Promise<Ratio[]> {
  const { first, again } = await plainOpenings(PROFILES, AGAINS)
  const drops = (stands: Stands[]): number[] => stands.map(({ drops }) => drops)
  return [
    // What was found last stands with the head; the first time it is found first.
    { what: 'nothing kept', times: first, wanted: 0.5 },
    { what: 'again, from another site', times: again, wanted: 0.85 },
  ].map(({ what, times, wanted }) => {
    const ms = median(drops(times))
    const [least, most] = [Math.min(...drops(times)), Math.max(...drops(times))]
    return {
      what: `the demo's ladder with its drops, ${what}, per min (${ms.toFixed(0)} ms; ${least.toFixed(0)} to ${most.toFixed(0)})`,
      ours: 60_000 / ms,
      against: 'its head alone',
      theirs: 60_000 / median(times.map(({ head }) => head)),
      wanted,
    }
  })
}
