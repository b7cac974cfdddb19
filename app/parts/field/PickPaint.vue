<script setup lang="ts">
import { ElOption, ElSelect } from 'element-plus'
import { computed } from 'vue'
import type { Paint } from '../../../core'
import PaintOption from '../drawdown/PaintOption.vue'

/** One paint by its drawdown and its name; nothing chosen reads as `none`. */
const props = defineProps<{
  label: string
  paints: readonly Paint[]
  /** What no paint is called; without it one is always chosen. */
  none?: string
  /** Its label is said, not shown. */
  bare?: boolean
}>()
const id = defineModel<string | undefined>({ required: true })
/** The lines are only made when it opens, so what it shows is not read from them. */
const shown = computed(
  () => props.paints.find((paint) => paint.id === id.value)?.name ?? props.none ?? '',
)
</script>

<template>
  <div class="pick">
    <span v-if="!bare" class="said" aria-hidden="true">{{ label }}</span>
    <ElSelect
      :model-value="id ?? ''"
      filterable
      :aria-label="label"
      :empty-values="none === undefined ? ['', undefined] : [undefined]"
      placeholder="a paint"
      :persistent="false"
      @update:model-value="id = $event || undefined"
    >
      <template #label>{{ shown }}</template>
      <ElOption v-if="none !== undefined" value="" :label="none" />
      <PaintOption v-for="paint in paints" :key="paint.id" :paint="paint" />
    </ElSelect>
  </div>
</template>

<style scoped>
.pick {
  min-width: 0;
}
.said {
  display: block;
}
</style>
