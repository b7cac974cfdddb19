import { failureWords } from '../../words/failure'
import type { FileIssue } from '../../../core'
import type { FileKind, FileRead } from '../../workers/fileWorker'
import { threads } from '../../workers/threads'

/** Files of readings, tones and paints are this large at most. */
const MOST_MB = 20

/** Reads a file away from the page; what was wrong is named by place, and nothing of it is taken over then. */
export async function readFile<Kind extends FileKind>(
  file: File,
  kind: Kind,
): Promise<FileRead<Kind> | { ok: false; issues: FileIssue[] }> {
  const refused = (message: string): { ok: false; issues: FileIssue[] } => ({
    ok: false,
    issues: [{ place: 'the file', message }],
  })
  if (file.size > MOST_MB * 1048576)
    return refused(`is ${Math.round(file.size / 1048576)} MB; at most ${MOST_MB} MB are read`)
  try {
    return (await threads.file().read(file, kind)) as FileRead<Kind>
  } catch (error) {
    return refused(`could not be read: ${failureWords(error)}`)
  }
}
