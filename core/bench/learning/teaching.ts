import type { LogEntry } from '../../project/bench'
import { errorOf, readByOf } from '../../project/readBy'
import type { MixReading } from './reading'

interface TeachingOptions {
  /** A reader that only stands in for one teaches, too: where one only tries. */
  standIns: boolean
  /** What the painter's eye was measured to see, ΔE00. */
  eye?: number
}

/**
 * What the log can teach: entries that were read, each weighed by how.
 * @example teachingReadings(project.log ?? [], { standIns: false }).length
 */
export const teachingReadings = (
  log: readonly LogEntry[],
  { standIns, eye }: TeachingOptions,
): (MixReading & { id: string })[] =>
  log.flatMap((entry): (MixReading & { id: string })[] => {
    const { id, parts, reflectance, real } = entry
    const readBy = readByOf(entry)
    if (!readBy || (readBy === 'stand-in' && !standIns)) return []
    if (reflectance) return [{ id, parts, reflectance: Float64Array.from(reflectance) }]
    return [{ id, parts, lab: real!, within: errorOf(readBy, eye) }]
  })
