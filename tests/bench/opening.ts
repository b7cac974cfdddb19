import type { Page } from '@playwright/test'
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { packCommission } from '../../core'
import { largeCommission } from '../fixtures/largeCommission'
import { openCommission } from '../e2e/start'
import { openMs } from './browser'
import { median } from './times'
import type { Ratio } from './rate'

const ROUNDS = 9
const ROOMS = ['ladder', 'bench', 'log'] as const

/**
 * How soon a browser opens a room of a commission of 40 figures, 500 mixes and 100 pictures, beside
 * the small demo, in turns; as openings a minute, so 60 is one second. The page has to be built.
 */
export async function openingBench(
  page: Page,
  large: string,
  small: string,
  folder: string,
): Promise<Ratio[]> {
  const { project, photos } = largeCommission()
  const zip = join(folder, 'large.zip')
  writeFileSync(
    zip,
    packCommission({ project, photos, sculpts: new Map() }, (id) => id),
  )
  await page.goto(`${large}/log`)
  await openCommission(page, zip)
  await page.getByText('500 mixes written down').waitFor()
  await page
    .getByRole('status')
    .filter({ hasText: /^Saved$/ })
    .waitFor()
  const rows: Ratio[] = []
  for (const room of ROOMS) {
    const [one, other]: [number[], number[]] = [[], []]
    for (let i = 0; i < ROUNDS; i++) {
      one.push(await openMs(page, `${large}/c/${project.id}/${room}`))
      other.push(await openMs(page, `${small}/c/low-tide/${room}`))
    }
    rows.push({
      what: `${room} of a large commission opened, per min`,
      ours: 60_000 / median(one),
      against: 'of the small demo',
      theirs: 60_000 / median(other),
      wanted: 0.5,
    })
  }
  return rows
}
