import { failureWords } from '../words/failure'
import { useDebounceFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { starterPaints } from '../../core'
import type { Project } from '../../core'
import { readBackup, writeBackup } from '../vault/backups'
import type { Backup } from '../vault/backups'
import { allowFolder, chooseFolder, knownFolder, leaveFolder, writeInto } from '../vault/folder'
import type { KeptFolder } from '../vault/folder'
import { threads } from '../workers/threads'
import { useDesk } from './desk'
import { useProject } from './project/project'

/** Changes that follow each other so closely are one. */
const ONE_MS = 1000
const DAY_MS = 86_400_000
/** One reminds after so many changes when the last backup is a week old, or in any case. */
const WEEKLY = 60
const AT_MOST = 300
/** The folder is written when nothing has changed for so long, or when it has gone on for so long. */
const REST_MS = 20_000
const LONGEST_MS = 120_000

/** A whole commission as the bytes of one zip. */
export async function packed(project: Project): Promise<Uint8Array> {
  const names = new Map(
    [...starterPaints, ...(project.box ?? [])].map(({ id, name }) => [id, name]),
  )
  return threads.commission().pack(project, names)
}

/** How much has changed since the open commission was last packed, and the folder that is kept up to date by itself. */
export const useBackup = defineStore('backup', () => {
  const store = useProject()
  const desk = useDesk()
  const backup = shallowRef<Backup>({ changes: 0 })
  const folder = shallowRef<KeptFolder>()
  const trouble = ref('')
  let countedAt = 0

  const keep = useDebounceFn(
    (id: string) => void writeBackup(id, backup.value).catch(() => undefined),
    ONE_MS,
    { maxWait: 5 * ONE_MS },
  )
  const due = computed(() => {
    const { at, changes } = backup.value
    if (folder.value?.allowed) return false
    return changes >= AT_MOST || (changes >= WEEKLY && Date.now() - (at ?? 0) > 7 * DAY_MS)
  })

  /** A commission was packed as it stands. */
  async function packedNow(id: string): Promise<void> {
    const made: Backup = { at: Date.now(), changes: 0 }
    if (id === desk.openId) backup.value = made
    await writeBackup(id, made).catch(() => undefined)
  }
  async function intoFolder(): Promise<void> {
    if (!folder.value?.allowed) return
    const { project } = store
    try {
      await writeInto(project.id, project.name, await packed(project))
      trouble.value = ''
      await packedNow(project.id)
    } catch (error) {
      folder.value = { ...folder.value, allowed: false }
      trouble.value = `The folder ${folder.value.name} could not be written (${failureWords(error)}). Your work is kept in this browser; the menu Files has the folder.`
    }
  }
  const soon = useDebounceFn(intoFolder, REST_MS, { maxWait: LONGEST_MS })

  watch(
    () => desk.openId,
    async (id) => {
      backup.value = { changes: 0 }
      if (id === undefined) return
      const known = await readBackup(id).catch(() => ({ changes: 0 }))
      if (id === desk.openId)
        backup.value = { ...known, changes: known.changes + backup.value.changes }
    },
    { immediate: true },
  )
  watch(
    () => store.changed,
    () => {
      const now = Date.now()
      if (now - countedAt > ONE_MS) {
        countedAt = now
        backup.value = { ...backup.value, changes: backup.value.changes + 1 }
        void keep(store.project.id)
      }
      if (folder.value?.allowed) void soon()
    },
  )
  void knownFolder().then(
    (known) => (folder.value = known),
    () => undefined,
  )

  const take = async (ask: () => Promise<KeptFolder | undefined>): Promise<void> => {
    const taken = await ask()
    if (!taken) return
    folder.value = taken
    await intoFolder()
  }
  return {
    backup,
    due,
    folder,
    trouble,
    packedNow,
    chooseFolder: () => take(chooseFolder),
    allowFolder: () => take(allowFolder),
    async leaveFolder() {
      folder.value = undefined
      await leaveFolder()
    },
  }
})
