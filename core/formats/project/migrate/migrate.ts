import { VERSION } from '../../../project/commission'
import { fromVersion1 } from './version1'
import { fromVersion2 } from './version2'
import { fromVersion3 } from './version3'
import { fromVersion4 } from './version4'
import type { Loose } from './loose'

/** The step from each version to the next. */
const steps: Readonly<Record<number, (old: Loose) => Loose>> = {
  1: fromVersion1,
  2: fromVersion2,
  3: fromVersion3,
  4: fromVersion4,
}

/**
 * Data of an older project file as the newest version has it; nothing when the version is not known.
 * What is damaged stays damaged: the check afterwards names it.
 */
export function migrated(data: Loose): Loose | undefined {
  let now = data
  while (now.version !== VERSION) {
    const step = steps[now.version as number]
    if (!step) return undefined
    now = step(now)
  }
  return now
}
