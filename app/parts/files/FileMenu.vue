<script setup lang="ts">
import { ElButton, ElDropdown, ElDropdownItem, ElDropdownMenu } from 'element-plus'
import { onMounted, ref } from 'vue'
import { listAside } from '../../vault/works'
import FloatingTrouble from '../FloatingTrouble.vue'
import OpenFile from './OpenFile.vue'
import { takeAway } from './takeAway'

/** Taking the work away as files, and bringing a commission in. */
const opener = ref<InstanceType<typeof OpenFile>>()
const trouble = ref<{ text: string; details: string[] }>()
const busy = ref('')
const aside = ref(0)
onMounted(async () => (aside.value = (await listAside().catch(() => [])).length))

async function choose(name: keyof typeof takeAway | 'open'): Promise<void> {
  if (name === 'open') return opener.value?.choose()
  if (name === 'zip') busy.value = 'Packing…'
  try {
    await takeAway[name]()
  } catch (error) {
    const details = [(error as Error).message]
    trouble.value = { text: 'The file could not be made. Your work is as it was.', details }
  }
  busy.value = ''
}
</script>

<template>
  <ElDropdown trigger="click" :persistent="false" @command="choose">
    <ElButton type="primary" :aria-busy="busy !== ''">{{ busy || 'Files' }}</ElButton>
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
  <OpenFile ref="opener" @busy="busy = $event" />
  <FloatingTrouble :trouble="trouble" @close="trouble = undefined" />
</template>
