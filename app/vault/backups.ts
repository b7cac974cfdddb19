import { workStore } from './workStore'

/** When a commission was last packed in this browser, and how many changes were made since. */
export interface Backup {
  /** Time of the last one, ms; nothing where there is none. */
  at?: number
  changes: number
}

const BACKUP = 'backup '
const FOLDER = 'backup folder'

export const readBackup = async (id: string): Promise<Backup> =>
  (await workStore.getItem<Backup>(BACKUP + id)) ?? { changes: 0 }
export const writeBackup = async (id: string, backup: Backup): Promise<void> => {
  await workStore.setItem(BACKUP + id, backup)
}

/** The folder that is kept up to date, as the browser remembers it. */
export const readFolder = (): Promise<FileSystemDirectoryHandle | null> =>
  workStore.getItem<FileSystemDirectoryHandle>(FOLDER)
export const writeFolder = async (folder: FileSystemDirectoryHandle): Promise<void> => {
  await workStore.setItem(FOLDER, folder)
}
export const dropFolder = (): Promise<void> => workStore.removeItem(FOLDER)
