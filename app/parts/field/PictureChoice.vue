<script setup lang="ts" generic="Key extends string | number">
import { ElCheckbox, ElCheckboxGroup, ElRadio, ElRadioGroup } from 'element-plus'

/** Pictures of which one, or several, are chosen: radios or ticks under the pictures, so that keys just work. */
defineProps<{
  label: string
  choices: readonly { key: Key; name: string; note?: string }[]
  several?: boolean
}>()
const chosen = defineModel<Key[]>({ required: true })
</script>

<template>
  <ElCheckboxGroup v-if="several" v-model="chosen" class="choices" :aria-label="label">
    <ElCheckbox v-for="choice in choices" :key="choice.key" :value="choice.key" class="choice">
      <span class="picture"><slot :choice="choice" /></span>
      <span class="name">{{ choice.name }}</span>
      <span v-if="choice.note" class="soft note">{{ choice.note }}</span>
    </ElCheckbox>
  </ElCheckboxGroup>
  <ElRadioGroup
    v-else
    class="choices"
    :aria-label="label"
    :model-value="chosen[0]"
    @update:model-value="chosen = [$event as Key]"
  >
    <ElRadio v-for="choice in choices" :key="choice.key" :value="choice.key" class="choice">
      <span class="picture"><slot :choice="choice" /></span>
      <span class="name">{{ choice.name }}</span>
      <span v-if="choice.note" class="soft note">{{ choice.note }}</span>
    </ElRadio>
  </ElRadioGroup>
</template>

<style scoped>
.choices {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(var(--least, 150px), var(--most, 1fr)));
  align-items: start;
  gap: 10px;
}
.choice.el-radio,
.choice.el-checkbox {
  display: block;
  position: relative;
  height: auto;
  margin: 0;
  white-space: normal;
  padding: 6px;
  border: 2px solid transparent;
  font-size: 0.9375rem;
  line-height: 1.2;
}
.choice:hover {
  border-color: var(--line);
}
.choice.is-checked {
  border-color: var(--ink);
  background: var(--field-high);
}
.choice:has(:focus-visible) {
  outline: 3px solid var(--focus);
  outline-offset: 2px;
}
.choice :deep(.el-radio__input),
.choice :deep(.el-checkbox__input) {
  position: absolute;
  opacity: 0;
}
.choice :deep(.el-radio__label),
.choice :deep(.el-checkbox__label) {
  display: block;
  padding: 0;
  font-weight: inherit;
}
.picture {
  display: block;
}
.name {
  display: block;
  padding-top: 6px;
}
.choice.is-checked .name {
  font-weight: 700;
}
.note {
  display: block;
  font-size: 0.875rem;
}
</style>
