import { MOST_BYTES, MOST_COMMISSION_BYTES, parseProject } from '../../../core'
import { starterIds } from '../../stores/paints'
import { useProject } from '../../stores/project'
import { commissions } from './commissions'

/** A packed commission rather than a plain project file. */
export const isPacked = (file: File): boolean => /\.zip$/i.test(file.name)

/**
 * Opens a project file or a packed commission in place of the work; undo brings that back.
 * @returns what was wrong with the file, each a line; nothing when it was taken over.
 */
export async function bringBack(file: File): Promise<string[]> {
  const packed = isPacked(file)
  const most = packed ? MOST_COMMISSION_BYTES : MOST_BYTES
  const mb = (bytes: number): number => Math.round(bytes / 1048576)
  if (file.size > most) {
    const what = packed ? 'packed commission' : 'project file'
    return [`The file: ${mb(file.size)} MB; a ${what} has at most ${mb(most)} MB`]
  }
  try {
    const reading = packed
      ? await commissions().unpack(file, [...starterIds])
      : parseProject(await file.text(), starterIds)
    if (!reading.ok) return reading.issues.map(({ place, message }) => `${place}: ${message}`)
    useProject().replace(reading.value)
    return []
  } catch (error) {
    return [`The file could not be read: ${(error as Error).message}`]
  }
}
