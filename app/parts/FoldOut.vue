<script setup lang="ts">
import { ElCollapse, ElCollapseItem } from 'element-plus'
import { ref } from 'vue'

/** A line that folds out to what stands below it; that is not made before it is first seen. */
const { open = false } = defineProps<{ name: string; open?: boolean }>()
const shown = ref<string[]>(open ? ['it'] : [])
const seen = ref(open)
</script>

<template>
  <ElCollapse v-model="shown" @change="seen = true">
    <ElCollapseItem name="it" :title="name"><slot v-if="seen" /></ElCollapseItem>
  </ElCollapse>
</template>
