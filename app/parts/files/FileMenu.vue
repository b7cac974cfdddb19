<script setup lang="ts">
import { failureWords } from '../../words/failure'
import { ElButton, ElDialog, ElDropdown, ElDropdownItem, ElDropdownMenu } from 'element-plus'
import { onMounted, ref } from 'vue'
import { useBackup } from '../../stores/backup'
import { listAside } from '../../vault/aside'
import { canKeepFolder } from '../../vault/folder'
import { backupWords } from '../../words/backup'
import FloatingTrouble from '../FloatingTrouble.vue'
import AsideList from './AsideList.vue'
import OpenFile from './OpenFile.vue'
import { takeAway } from './takeAway'

/** Taking the work away as files, and bringing a commission in. */
const backup = useBackup()
const opener = ref<InstanceType<typeof OpenFile>>()
const trouble = ref<{ text: string; details: string[] }>()
const busy = ref('')
const aside = ref(0)
const asideShown = ref(false)
onMounted(async () => (aside.value = (await listAside().catch(() => [])).length))

const others = {
  open: () => opener.value?.choose(),
  aside: () => void (asideShown.value = true),
  folder: () => backup.chooseFolder(),
  allow: () => backup.allowFolder(),
  leave: () => backup.leaveFolder(),
}
async function choose(name: keyof typeof takeAway | keyof typeof others): Promise<void> {
  if (name === 'zip') busy.value = 'Packing…'
  try {
    await (name in takeAway
      ? takeAway[name as keyof typeof takeAway]()
      : others[name as keyof typeof others]())
  } catch (error) {
    const details = [failureWords(error)]
    trouble.value = { text: 'The file could not be made. Your work is as it was.', details }
  }
  busy.value = ''
}
</script>

<template>
  <ElDropdown trigger="click" :persistent="false" @command="choose">
    <ElButton type="primary" :aria-busy="busy !== ''" :class="{ due: backup.due }">
      {{ busy || 'Files' }}
    </ElButton>
    <template #dropdown>
      <ElDropdownMenu>
        <ElDropdownItem command="csv">This ladder as a table (CSV)</ElDropdownItem>
        <ElDropdownItem command="gpl">This ladder as a palette (GPL)</ElDropdownItem>
        <ElDropdownItem command="json" divided>Save the project to a file</ElDropdownItem>
        <ElDropdownItem command="zip">
          <span>
            Pack the whole commission, with pictures (ZIP)
            <small class="told">{{ backupWords(backup.backup, Date.now()) }}</small>
          </span>
        </ElDropdownItem>
        <template v-if="canKeepFolder()">
          <ElDropdownItem v-if="!backup.folder" command="folder">
            Keep a folder up to date by itself…
          </ElDropdownItem>
          <ElDropdownItem v-else-if="!backup.folder.allowed" command="allow">
            Go on with the folder {{ backup.folder.name }}…
          </ElDropdownItem>
          <ElDropdownItem v-else command="leave">
            Stop keeping {{ backup.folder.name }} up to date
          </ElDropdownItem>
        </template>
        <ElDropdownItem command="open">Open a project or a packed commission…</ElDropdownItem>
        <ElDropdownItem command="log" divided>The log as a table (CSV)</ElDropdownItem>
        <ElDropdownItem v-if="aside" command="aside">
          Work that was put aside ({{ aside }})…
        </ElDropdownItem>
      </ElDropdownMenu>
    </template>
  </ElDropdown>
  <OpenFile ref="opener" @busy="busy = $event" />
  <FloatingTrouble :trouble="trouble" @close="trouble = undefined" />
  <ElDialog v-model="asideShown" title="Work that was put aside" width="640" append-to-body>
    <AsideList v-if="asideShown" @left="aside = $event" @taken="asideShown = false" />
  </ElDialog>
</template>

<style scoped>
/* Much has changed since the last backup. */
.due::after {
  content: '';
  width: 10px;
  height: 10px;
  margin-left: 8px;
  border-radius: 50%;
  background: currentcolor;
}
.told {
  display: block;
  line-height: 1.3;
  font-size: 0.875rem;
  color: var(--ink-soft, inherit);
}
</style>
