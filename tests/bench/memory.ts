import type { CDPSession, Page } from '@playwright/test'
import { setFlagsFromString } from 'node:v8'
import { runInNewContext } from 'node:vm'
import { useWork } from '../../app/stores/project/work'
import type { Project } from '../../core'
import { demo, withLog } from '../fixtures/longLog'
import type { Ratio } from './rate'

const EDITS = 2000
const CHANGES = 60
const ROOMS = [
  'Range',
  'Figures',
  'Box',
  'Tone',
  'Coats',
  'Accents',
  'Bench',
  'Log',
  'Eye',
  'Ladder',
]
/** So much may an evening add, MB. */
const MOST_MB = 60

async function heapMB(session: CDPSession): Promise<number> {
  await session.send('HeapProfiler.collectGarbage')
  const { usedSize } = await session.send('Runtime.getHeapUsage')
  return usedSize / 1e6
}

/** 2,000 edits by a slider's keys and 60 changes of room in one page: what its heap has more at the end. */
export async function heapBench(page: Page, address: string): Promise<Ratio[]> {
  const session = await page.context().newCDPSession(page)
  await page.goto(`${address}/c/low-tide/ladder`)
  const rooms = page.getByRole('navigation', { name: 'Rooms' })
  const into = async (room: string): Promise<void> => {
    // The bench has one way out.
    if (page.url().endsWith('/bench')) await page.getByRole('link', { name: /Leave/ }).click()
    await rooms.getByRole('link', { name: room, exact: true }).click()
    await page.waitForURL(`**/${room.toLowerCase()}*`)
    await page.locator('h1').waitFor()
  }
  // Every room once: what is loaded for good is loaded.
  for (const room of ROOMS) await into(room)
  await page.waitForTimeout(3000)
  const before = await heapMB(session)
  const visits = CHANGES / ROOMS.length
  for (let change = 0; change < CHANGES; change++) {
    const room = ROOMS[change % ROOMS.length]!
    await into(room)
    if (room !== 'Ladder') continue
    await page.getByRole('tab', { name: 'Light', exact: true }).click()
    const slider = page.getByRole('slider', { name: 'Contrast' }).first()
    await slider.focus()
    for (let edit = 0; edit < Math.ceil(EDITS / visits); edit++)
      await page.keyboard.press(edit % 20 < 10 ? 'ArrowRight' : 'ArrowLeft')
  }
  await page.waitForTimeout(3000)
  const after = await heapMB(session)
  return [
    {
      what: `heap in MB that ${EDITS} edits and ${CHANGES} changes of room may end with (${before.toFixed(0)} before)`,
      ours: before + MOST_MB,
      against: 'what they end with',
      theirs: after,
      wanted: 1,
    },
  ]
}

/** What 200 edits of a commission with a long log keep to be undone, beside so many copies of it. */
export function historyBench(): Ratio[] {
  setFlagsFromString('--expose-gc')
  const collect = runInNewContext('gc') as () => void
  const heap = (): number => {
    collect()
    return process.memoryUsage().heapUsed / 1e6
  }
  const long = (): Project => structuredClone(withLog(3000))
  const work = useWork()
  work.restore(long())
  const start = heap()
  for (let i = 0; i < 200; i++)
    work.changeFigure(demo.figures[0]!.id, '', (figure) => void (figure.many = 1 + (i % 50)))
  const kept = Math.max(0.01, heap() - start)
  const before = heap()
  const copies = Array.from({ length: 10 }, long)
  const each = (heap() - before) / copies.length
  return [
    {
      what: `edits of 3,000 log entries kept to be undone in a MB (200 took ${kept.toFixed(2)} MB)`,
      ours: 200 / kept,
      against: 'as copies',
      theirs: 1 / each,
      wanted: 20,
    },
  ]
}
