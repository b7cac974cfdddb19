<script setup lang="ts">
import { ElDropdown, ElDropdownItem, ElDropdownMenu } from 'element-plus'
import 'element-plus/theme-chalk/el-dropdown.css'
import 'element-plus/theme-chalk/el-dropdown-menu.css'
import 'element-plus/theme-chalk/el-dropdown-item.css'
import 'element-plus/theme-chalk/el-popper.css'
import { wrap } from 'comlink'
import { onMounted, ref, toRaw } from 'vue'
import {
  formatGpl,
  formatLadderCsv,
  formatLogCsv,
  formatProject,
  MOST_BYTES,
  MOST_COMMISSION_BYTES,
  parseProject,
} from '../../core'
import type { LadderRow } from '../../core'
import { useLadder } from '../stores/ladder'
import { allPaints, paintOf, starterIds } from '../stores/paints'
import { useProject } from '../stores/project'
import { listAside, readAside } from '../stores/vault'
import type { CommissionApi } from '../workers/commissionWorker'
import { fileName, saveFile } from './saveFile'
import TroubleNote from './TroubleNote.vue'

/** Taking the work away as files, and bringing a project back. */
const store = useProject()
const ladder = useLadder()
const input = ref<HTMLInputElement>()
const trouble = ref<{ text: string; details: string[] }>()

const rows = (): LadderRow[] =>
  ladder.steps.flatMap(({ name, share, target, painted, off, parts }) =>
    painted && off !== undefined
      ? [
          {
            step: name,
            share,
            target,
            painted,
            deltaE00: off,
            parts: parts.map(({ paint, drops }) => ({ name: paintOf(paint).name, drops })),
          },
        ]
      : [],
  )

/** What was put aside unchanged, because it was damaged or another tab wrote over it. */
const aside = ref<string[]>([])
onMounted(async () => (aside.value = await listAside().catch(() => [])))
const busy = ref('')
let worker: ReturnType<typeof wrap<CommissionApi>> | undefined
const commissions = () =>
  (worker ??= wrap<CommissionApi>(
    new Worker(new URL('../workers/commissionWorker.ts', import.meta.url), { type: 'module' }),
  ))
async function pack(): Promise<void> {
  busy.value = 'Packing…'
  try {
    const names = new Map(allPaints().map(({ id, name }) => [id, name]))
    const project = JSON.parse(JSON.stringify(toRaw(store.project))) as typeof store.project
    const bytes = await commissions().pack(project, names)
    saveFile(fileName(store.project.name, 'zip'), new Uint8Array(bytes), 'application/zip')
  } catch (error) {
    trouble.value = {
      text: 'The commission could not be packed. Your work is as it was.',
      details: [(error as Error).message],
    }
  }
  busy.value = ''
}
async function takeAside(): Promise<void> {
  for (const name of aside.value) {
    const text = await readAside(name)
    if (text !== null) saveFile(fileName(name, 'json'), text, 'application/json')
  }
}

const actions = {
  zip: pack,
  aside: takeAside,
  log: () => {
    const log = toRaw(store.project.log) ?? []
    const text = formatLogCsv(log, (id) => allPaints().find((one) => one.id === id)?.name ?? id)
    saveFile(fileName(`${store.project.name} log`, 'csv'), text, 'text/csv')
  },
  json: () =>
    saveFile(
      fileName(store.project.name, 'cobaltfinch.json'),
      formatProject(store.project),
      'application/json',
    ),
  gpl: () =>
    saveFile(
      fileName(store.figure.name, 'gpl'),
      formatGpl(`${store.project.name}: ${store.figure.name}`, rows()),
      'text/plain',
    ),
  csv: () => saveFile(fileName(store.figure.name, 'csv'), formatLadderCsv(rows()), 'text/csv'),
  open: () => input.value?.click(),
}

function refuse(name: string, details: string[]): void {
  trouble.value = {
    text: `“${name}” was not opened. Your work is as it was.`,
    details,
  }
}

async function open(): Promise<void> {
  const file = input.value?.files?.[0]
  if (!file || !input.value) return
  trouble.value = undefined
  try {
    const zip = /\.zip$/i.test(file.name)
    const most = zip ? MOST_COMMISSION_BYTES : MOST_BYTES
    if (file.size > most)
      return refuse(file.name, [
        `The file: ${Math.round(file.size / 1048576)} MB; a ${zip ? 'packed commission' : 'project file'} has at most ${most / 1048576} MB`,
      ])
    if (zip) busy.value = 'Unpacking…'
    const reading = zip
      ? await commissions().unpack(file, [...starterIds])
      : parseProject(await file.text(), starterIds)
    if (reading.ok) store.replace(reading.value)
    else
      refuse(
        file.name,
        reading.issues.map(({ place, message }) => `${place}: ${message}`),
      )
  } catch (error) {
    refuse(file.name, [`The file could not be read: ${(error as Error).message}`])
  } finally {
    busy.value = ''
    input.value.value = ''
  }
}
</script>

<template>
  <ElDropdown trigger="click" @command="(name: keyof typeof actions) => actions[name]()">
    <button type="button" class="primary" :aria-busy="busy !== ''">{{ busy || 'Files' }}</button>
    <template #dropdown>
      <ElDropdownMenu>
        <ElDropdownItem command="csv">This ladder as a table (CSV)</ElDropdownItem>
        <ElDropdownItem command="gpl">This ladder as a palette (GPL)</ElDropdownItem>
        <ElDropdownItem command="json" divided>Save the project to a file</ElDropdownItem>
        <ElDropdownItem command="zip"
          >Pack the whole commission, with pictures (ZIP)</ElDropdownItem
        >
        <ElDropdownItem command="open">Open a project or a packed commission…</ElDropdownItem>
        <ElDropdownItem command="log" divided>The log as a table (CSV)</ElDropdownItem>
        <ElDropdownItem v-if="aside.length" command="aside">
          Work that was put aside ({{ aside.length }})
        </ElDropdownItem>
      </ElDropdownMenu>
    </template>
  </ElDropdown>
  <input
    ref="input"
    type="file"
    accept=".json,.zip,application/json,application/zip"
    class="unseen"
    aria-label="Project file"
    tabindex="-1"
    @change="open"
  />
  <Teleport v-if="trouble" to=".room-space">
    <TroubleNote
      class="float"
      :text="trouble.text"
      :details="trouble.details"
      @close="trouble = undefined"
    />
  </Teleport>
</template>

<style scoped>
.float {
  position: fixed;
  right: 16px;
  bottom: 16px;
  max-width: min(560px, calc(100vw - 32px));
  z-index: 20;
}
</style>
