import { failureWords } from '../../words/failure'
import { MOST_BYTES, MOST_COMMISSION_BYTES } from '../../../core'
import { starterIds } from '../../stores/paints'
import { useShelf } from '../../stores/shelf/shelf'
import type { Tell } from '../../vault/contents'
import { heard } from '../../workers/heard'
import { threads } from '../../workers/threads'

/** A packed commission rather than a plain project file, whatever it is called: a zip begins with “PK”. */
const isPacked = async (file: File): Promise<boolean> =>
  /\.zip$/i.test(file.name) || (await file.slice(0, 2).text()) === 'PK'

/** What came of opening a file: a commission of its own on the shelf, or what was wrong. */
export interface BroughtBack {
  id?: string
  /** What was wrong, each a line; nothing of the file was taken over then. */
  issues: string[]
  /** What is to be known though it was opened. */
  note?: string
}

/** Opens a project file or a packed commission as a commission of its own; what is there already stays. */
export async function bringBack(file: File, tell: Tell = () => undefined): Promise<BroughtBack> {
  try {
    const packed = await isPacked(file)
    const most = packed ? MOST_COMMISSION_BYTES : MOST_BYTES
    const mb = (bytes: number): number => Math.round(bytes / 1048576)
    if (file.size > most) {
      const what = packed ? 'packed commission' : 'project file'
      return {
        issues: [`The file: ${mb(file.size)} MB; a ${what} has at most ${mb(most)} MB`],
      }
    }
    const ids = [...starterIds]
    const reading = await (packed
      ? heard(async (told: Tell) => threads.commission().unpack(file, ids, told), tell)
      : threads.commission().read(file, ids))
    if (!reading.ok)
      return { issues: reading.issues.map(({ place, message }) => `${place}: ${message}`) }
    const { project, missing, stored } = reading.value
    try {
      const id = await useShelf().add(project)
      const many = missing.length
      return {
        id,
        issues: [],
        ...(many > 0
          ? {
              note: `${many === 1 ? 'One picture or sculpt was' : `${many} pictures or sculpts were`} not in the file, or damaged in it; everything else is here.`,
            }
          : {}),
      }
    } catch (error) {
      if (packed) await threads.commission().discard(stored)
      throw error
    }
  } catch (error) {
    return { issues: [`The file could not be read: ${failureWords(error)}`] }
  }
}
