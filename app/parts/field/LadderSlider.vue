<script setup lang="ts">
import type { FigurePlan } from '../../../core'
import { useVariants } from '../../stores/ladder/variants'
import LadderStrip from './LadderStrip.vue'
import SliderRow from './SliderRow.vue'

/** A slider between the two ladders that its ends would give the open figure. */
const {
  min = 0,
  max = 1,
  made,
} = defineProps<{
  name: string
  words: string
  min?: number
  max?: number
  /** What a value changes in the plan. */
  made: (value: number) => Partial<FigurePlan>
}>()
const value = defineModel<number>({ required: true })
const { variants } = useVariants(() => [
  { key: 'low', made: made(min) },
  { key: 'high', made: made(max) },
])
</script>

<template>
  <SliderRow v-model="value" class="between" :name="name" :words="words" :min="min" :max="max">
    <template #low><LadderStrip class="end" :steps="variants.get('low')?.steps" /></template>
    <template #high><LadderStrip class="end" :steps="variants.get('high')?.steps" /></template>
  </SliderRow>
</template>

<style scoped>
.between {
  grid-template-columns: 56px minmax(0, 1fr) 56px;
  column-gap: 6px;
  align-items: center;
}
.between :deep(.name) {
  grid-area: 1 / 1 / 2 / 4;
}
.between :deep(.words) {
  grid-area: 1 / 1 / 2 / 4;
}
.between :deep(.el-slider) {
  grid-area: 2 / 2;
}
.end {
  height: 18px;
  grid-area: 2 / 1;
}
.between > .end:last-child {
  grid-area: 2 / 3;
}
</style>
