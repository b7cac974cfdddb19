import { slugOf } from '../../core'
import { dropFolder, readFolder, writeFolder } from './backups'

/** Folders as browsers with the File System Access API hand them out (WICG draft). */
interface Folder extends FileSystemDirectoryHandle {
  queryPermission?: (wanted: { mode: 'readwrite' }) => Promise<PermissionState>
  requestPermission?: (wanted: { mode: 'readwrite' }) => Promise<PermissionState>
}
type Picker = (wanted: { id: string; mode: 'readwrite' }) => Promise<Folder>

const picker = (): Picker | undefined =>
  (globalThis as { showDirectoryPicker?: Picker }).showDirectoryPicker

/** Whether this browser lets a page keep a folder up to date. */
export const canKeepFolder = (): boolean => picker() !== undefined

/** A folder that is kept, by its name, and whether the browser lets us write into it just now. */
export interface KeptFolder {
  name: string
  allowed: boolean
}

let folder: Folder | undefined
const MODE = { mode: 'readwrite' } as const

const allowed = async (one: Folder): Promise<boolean> =>
  (await one.queryPermission?.(MODE)) !== 'prompt' &&
  (await one.queryPermission?.(MODE)) !== 'denied'

/** The folder of earlier visits. */
export async function knownFolder(): Promise<KeptFolder | undefined> {
  folder ??= ((await readFolder()) as Folder | null) ?? undefined
  return folder && { name: folder.name, allowed: await allowed(folder) }
}

/** Asks the painter for a folder; nothing where none was chosen. */
export async function chooseFolder(): Promise<KeptFolder | undefined> {
  try {
    folder = await picker()?.({ id: 'cobaltfinch', ...MODE })
  } catch (error) {
    if ((error as Error).name === 'AbortError') return undefined
    throw error
  }
  if (!folder) return undefined
  await writeFolder(folder)
  return { name: folder.name, allowed: true }
}

/** Asks the browser again for what it allowed in an earlier visit. */
export async function allowFolder(): Promise<KeptFolder | undefined> {
  if (!folder) return undefined
  const answer = await folder.requestPermission?.(MODE)
  return { name: folder.name, allowed: answer === undefined || answer === 'granted' }
}

export async function leaveFolder(): Promise<void> {
  folder = undefined
  await dropFolder()
}

/** A file of a commission that no other commission has. */
const nameOf = (id: string, name: string): string => {
  const slug = slugOf(name, 'work', 80)
  return slug === id ? `${slug}.zip` : `${slug}-${id.slice(0, 8)}.zip`
}

/** Writes a packed commission into the folder; the file is exchanged whole, never left half written. */
export async function writeInto(id: string, name: string, bytes: Uint8Array): Promise<void> {
  if (!folder) throw new Error('no folder was chosen')
  const file = await folder.getFileHandle(nameOf(id, name), { create: true })
  const writable = await file.createWritable()
  await writable.write(new Uint8Array(bytes))
  await writable.close()
}
