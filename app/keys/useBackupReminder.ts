import { watch } from 'vue'
import { useBackup } from '../stores/backup'
import { backupWords } from '../words/backup'

/** So long the reminder stands, ms. */
const STANDS_MS = 20_000

/** Says once a visit that much has changed since the open commission was packed. */
export function useBackupReminder(): void {
  const backup = useBackup()
  let said = false
  watch(
    () => backup.due,
    (due) => {
      if (!due || said) return
      said = true
      const text = `No copy of this commission outside the browser is up to date: ${backupWords(backup.backup, Date.now())}.`
      const run = (): void =>
        void import('../parts/files/takeAway').then(({ takeAway }) => takeAway.zip())
      void import('../messages/say').then(({ say }) =>
        say(text, { name: 'Pack it now', run }, STANDS_MS),
      )
    },
    { immediate: true },
  )
}
