<script setup lang="ts" generic="Key extends string | number">
import { ElOption, ElSelect } from 'element-plus'
import { computed } from 'vue'

/** One of several, by name; with many to choose from, by the letters of their names too. */
const props = defineProps<{
  label: string
  options: readonly { key: Key; name: string; note?: string }[]
  /** Its label is said, not shown: what stands beside says it. */
  bare?: boolean
  /** What stands before it, where that is not its label. */
  shown?: string
  disabled?: boolean
}>()
const chosen = defineModel<Key>({ required: true })
/** More than this are searched sooner than looked through. */
const MANY = 12
const many = computed(() => props.options.length > MANY)
</script>

<template>
  <div class="pick">
    <span v-if="!bare" class="said" aria-hidden="true">{{ shown ?? label }}</span>
    <ElSelect
      v-model="chosen"
      :aria-label="label"
      :disabled="disabled"
      :filterable="many"
      :empty-values="[undefined, null]"
      :persistent="false"
    >
      <ElOption v-for="{ key, name, note } in options" :key="key" :value="key" :label="name">
        <slot :option="key">{{ name }}</slot>
        <span v-if="note" class="soft note">{{ note }}</span>
      </ElOption>
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
.note {
  margin-left: 10px;
  font-size: 0.875rem;
}
</style>
