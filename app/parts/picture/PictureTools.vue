<script setup lang="ts">
import { ElButton } from 'element-plus'
import { PICTURES } from '../field/fileKinds'
import FileButton from '../field/FileButton.vue'
import SliderRow from '../field/SliderRow.vue'
import type { PictureTool } from '../../stores/picture/openPicture'

/** What a click on the picture does, and another picture. */
defineProps<{
  tools: readonly { key: PictureTool; name: string }[]
  /** Whether a part of it is chosen. */
  chosen: boolean
}>()
defineEmits<{ anew: []; file: [File] }>()
const tool = defineModel<PictureTool>('tool', { required: true })
const brush = defineModel<number>('brush', { required: true })
</script>

<template>
  <div class="tools">
    <span class="group" role="radiogroup" aria-label="Tool">
      <ElButton
        v-for="{ key, name } in tools"
        :key="key"
        role="radio"
        :aria-checked="tool === key"
        @click="tool = key"
      >
        {{ name }}
      </ElButton>
    </span>
    <SliderRow
      v-if="tool === 'brush'"
      v-model="brush"
      name="Brush size"
      :words="String(brush)"
      :min="1"
      :max="15"
      :step="0.5"
    />
    <ElButton :disabled="!chosen" @click="$emit('anew')"> Choose anew </ElButton>
    <FileButton :accept="PICTURES" @file="$emit('file', $event)">Another picture…</FileButton>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
}
.group {
  display: flex;
}
[role='radio'][aria-checked='true'] {
  background: var(--ink);
  color: var(--field-high);
}
</style>
