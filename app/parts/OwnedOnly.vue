<script setup lang="ts">
import { ElSwitch } from 'element-plus'
import { useProject } from '../stores/project/project'

/** One switch of the commission: only bottles that are marked as owned are mixed from. */
const store = useProject()
</script>

<template>
  <label class="owned">
    <ElSwitch
      :model-value="store.project.ownedOnly ?? false"
      aria-label="Only bottles I own"
      @update:model-value="store.setOwnedOnly(Boolean($event))"
    />
    only bottles I own
  </label>
</template>

<style scoped>
.owned {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 0.9375rem;
  min-height: 36px;
}
</style>
