<script setup lang="ts" generic="Key extends string">
import { ElRadio, ElRadioGroup } from 'element-plus'
import { computed } from 'vue'
import type { FigurePlan } from '../../../core'
import { useVariants } from '../../stores/ladder/variants'
import LadderStrip from './LadderStrip.vue'

/** One of several, each shown as the ladder of the open figure that it would give. */
const props = defineProps<{
  label: string
  shown: string
  choices: readonly { key: Key; name: string; made: Partial<FigurePlan> }[]
}>()
const chosen = defineModel<Key>({ required: true })
const { variants, trouble } = useVariants(() => props.choices)
const named = computed(() => new Map(props.choices.map(({ key, name }) => [key, name])))
const likeOf = (key: Key): string | undefined => {
  const like = variants.value.get(key)?.like
  return like === undefined ? undefined : named.value.get(like)
}
</script>

<template>
  <div data-asks>
    <h2>{{ shown }}</h2>
    <ElRadioGroup v-model="chosen" class="choices" :aria-label="label">
      <ElRadio v-for="{ key, name } in choices" :key="key" :value="key" class="choice">
        <LadderStrip class="strip" :steps="variants.get(key)?.steps" />
        <span class="name"
          >{{ name }}<span v-if="likeOf(key)" class="soft">, like {{ likeOf(key) }}</span></span
        >
      </ElRadio>
    </ElRadioGroup>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
  </div>
</template>

<style scoped>
.choices {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 4px 8px;
  align-items: start;
}
.choice.el-radio {
  margin: 0;
  height: auto;
  display: block;
  white-space: normal;
}
.choice :deep(.el-radio__input) {
  position: absolute;
  opacity: 0;
}
.choice :deep(.el-radio__label) {
  display: block;
  padding: 0;
  font-size: 0.875rem;
  font-weight: 400;
  line-height: 1.15;
  color: var(--ink) !important;
}
.choice.is-checked .strip {
  outline: 3px solid var(--ink);
  outline-offset: 1px;
}
.choice:has(:focus-visible) .strip {
  outline: 3px solid var(--focus);
  outline-offset: 3px;
}
.name {
  display: block;
  padding-top: 4px;
}
.choice.is-checked .name {
  font-weight: 700;
}
h2 {
  font-size: 0.9375rem;
  padding-bottom: 4px;
}
</style>
