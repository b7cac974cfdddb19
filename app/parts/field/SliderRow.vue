<script setup lang="ts">
import { ElSlider } from 'element-plus'

/** A named slider with its value in words, 0–1 in steps of a fiftieth unless told otherwise. */
const {
  min = 0,
  max = 1,
  step = 0.02,
  colours = undefined,
} = defineProps<{
  name: string
  words: string
  min?: number
  max?: number
  step?: number
  /** What the ends and the way between look like; the track shows it. */
  colours?: string[]
  disabled?: boolean
}>()
const value = defineModel<number>({ required: true })
</script>

<template>
  <div class="row" data-asks>
    <span class="name" aria-hidden="true">{{ name }}</span>
    <span class="words" aria-hidden="true">{{ words }}</span>
    <slot name="low" />
    <ElSlider
      v-model="value"
      :min="min"
      :max="max"
      :step="step"
      :disabled="disabled"
      :show-tooltip="false"
      :aria-label="name"
      :format-value-text="() => words"
      :class="{ coloured: colours }"
      :style="colours && { '--track': `linear-gradient(to right, ${colours.join(', ')})` }"
    />
    <slot name="high" />
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: auto 1fr;
  column-gap: 12px;
}
.words {
  text-align: right;
  color: var(--ink-soft);
}
.el-slider {
  grid-column: 1 / -1;
  height: 28px;
  padding: 0 10px;
}
.coloured :deep(.el-slider__runway) {
  height: 14px;
  background: var(--track);
}
.coloured :deep(.el-slider__bar) {
  background: none;
}
.coloured :deep(.el-slider__button-wrapper) {
  top: -11px;
}
</style>
