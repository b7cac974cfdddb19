<script setup lang="ts">
import { ElDropdown, ElDropdownItem, ElDropdownMenu } from 'element-plus'
import 'element-plus/theme-chalk/el-dropdown.css'
import 'element-plus/theme-chalk/el-dropdown-menu.css'
import 'element-plus/theme-chalk/el-dropdown-item.css'
import 'element-plus/theme-chalk/el-popper.css'
import { onMounted, ref } from 'vue'
import { listAside } from '../../stores/vault'
import TroubleNote from '../TroubleNote.vue'
import { bringBack, isPacked } from './bringBack'
import { takeAway } from './takeAway'

/** Taking the work away as files, and bringing a project back. */
const input = ref<HTMLInputElement>()
const trouble = ref<{ text: string; details: string[] }>()
const busy = ref('')
const aside = ref(0)
onMounted(async () => (aside.value = (await listAside().catch(() => [])).length))

async function choose(name: keyof typeof takeAway | 'open'): Promise<void> {
  if (name === 'open') return input.value?.click()
  if (name === 'zip') busy.value = 'Packing…'
  try {
    await takeAway[name]()
  } catch (error) {
    const details = [(error as Error).message]
    trouble.value = { text: 'The file could not be made. Your work is as it was.', details }
  }
  busy.value = ''
}

async function open(): Promise<void> {
  const file = input.value?.files?.[0]
  if (!file || !input.value) return
  trouble.value = undefined
  if (isPacked(file)) busy.value = 'Unpacking…'
  const details = await bringBack(file)
  if (details.length > 0)
    trouble.value = { text: `“${file.name}” was not opened. Your work is as it was.`, details }
  busy.value = ''
  input.value.value = ''
}
</script>

<template>
  <ElDropdown trigger="click" :persistent="false" @command="choose">
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
        <ElDropdownItem v-if="aside" command="aside">
          Work that was put aside ({{ aside }})
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
