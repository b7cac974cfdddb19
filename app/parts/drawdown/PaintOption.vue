<script setup lang="ts">
import { ElOption } from 'element-plus'
import type { Paint } from '../../../core'
import DrawdownCard from './DrawdownCard.vue'

/** A paint to choose in a select: its drawdown and its name. */
defineProps<{ paint: Paint; note?: string }>()
</script>

<template>
  <ElOption :label="paint.name" :value="paint.id">
    <span class="option">
      <DrawdownCard :paint="paint" class="small" />
      {{ paint.name }}
      <span v-if="note" class="soft">{{ note }}</span>
    </span>
  </ElOption>
</template>

<style scoped>
.option {
  display: flex;
  align-items: center;
  gap: 8px;
}
.small {
  width: 44px;
  height: 22px;
}
</style>
