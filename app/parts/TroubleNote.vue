<script setup lang="ts">
import { ElButton } from 'element-plus'
/** What went wrong, what happened to the work and what to do; stays until it is closed. */
defineProps<{
  text: string
  details?: string[]
  /** What can be done about it. */
  action?: string
}>()
defineEmits<{ close: []; act: [] }>()
</script>

<template>
  <div class="trouble" role="alert">
    <div>
      <p>{{ text }}</p>
      <ul v-if="details?.length">
        <li v-for="line in details" :key="line">{{ line }}</li>
      </ul>
    </div>
    <div class="ways">
      <ElButton v-if="action" type="primary" @click="$emit('act')">{{ action }}</ElButton>
      <ElButton @click="$emit('close')">Close</ElButton>
    </div>
  </div>
</template>

<style scoped>
.trouble {
  display: flex;
  justify-content: space-between;
  align-items: flex-start;
  gap: 16px;
  padding: 12px 24px;
  background: var(--ground);
  color: #fff;
}
p,
ul {
  margin: 0;
  overflow-wrap: anywhere;
}
.ways {
  display: flex;
  flex: none;
}
</style>
