import type { Backup } from '../vault/backups'
import { whenWords } from './counts'

/**
 * How a commission stands to its last backup.
 * @example backupWords({ changes: 1 }, 0) // "1 change, never packed"
 */
export function backupWords({ at, changes }: Backup, now: number): string {
  if (changes === 0) return at === undefined ? 'nothing changed yet' : 'as it was packed'
  const many = `${changes} ${changes === 1 ? 'change' : 'changes'}`
  return at === undefined ? `${many}, never packed` : `${many} since ${whenWords(at, now)}`
}
