<script setup lang="ts">
import { ElDropdown, ElDropdownItem, ElDropdownMenu } from 'element-plus'
import 'element-plus/theme-chalk/el-dropdown.css'
import 'element-plus/theme-chalk/el-dropdown-menu.css'
import 'element-plus/theme-chalk/el-dropdown-item.css'
import 'element-plus/theme-chalk/el-popper.css'
import { ref } from 'vue'
import { formatGpl, formatLadderCsv, formatProject, MOST_BYTES, parseProject } from '../../core'
import type { LadderRow } from '../../core'
import { useLadder } from '../stores/ladder'
import { paintOf, starterIds } from '../stores/paints'
import { useProject } from '../stores/project'
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

const actions = {
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
    if (file.size > MOST_BYTES)
      return refuse(file.name, [
        `The file: ${Math.round(file.size / 1048576)} MB; a project file has at most ${MOST_BYTES / 1048576} MB`,
      ])
    const reading = parseProject(await file.text(), starterIds)
    if (reading.ok) store.replace(reading.value)
    else
      refuse(
        file.name,
        reading.issues.map(({ place, message }) => `${place}: ${message}`),
      )
  } catch (error) {
    refuse(file.name, [`The file could not be read: ${(error as Error).message}`])
  } finally {
    input.value.value = ''
  }
}
</script>

<template>
  <ElDropdown trigger="click" @command="(name: keyof typeof actions) => actions[name]()">
    <button type="button" class="primary">Files</button>
    <template #dropdown>
      <ElDropdownMenu>
        <ElDropdownItem command="csv">This ladder as a table (CSV)</ElDropdownItem>
        <ElDropdownItem command="gpl">This ladder as a palette (GPL)</ElDropdownItem>
        <ElDropdownItem command="json" divided>Save the project to a file</ElDropdownItem>
        <ElDropdownItem command="open">Open a project file…</ElDropdownItem>
      </ElDropdownMenu>
    </template>
  </ElDropdown>
  <input
    ref="input"
    type="file"
    accept=".json,application/json"
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
